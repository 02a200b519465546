import { Link, useForm } from "@inertiajs/react";
import { Door } from "../parts/Door";
import { Field } from "../parts/Field";

export default function ResetPassword({ token, email }: { token: string; email: string }) {
	const form = useForm({ token, email, password: "" });
	return (
		<Door title="Set a new password" says="It takes the place of the old one, and other devices are signed out.">
			<form
				onSubmit={(event) => {
					event.preventDefault();
					form.post("/reset-password", { onError: () => form.reset("password") });
				}}
			>
				<Field
					label="E-mail"
					type="email"
					autoComplete="username"
					required
					value={form.data.email}
					trouble={form.errors.email ?? form.errors.token}
					onChange={(event) => form.setData("email", event.target.value)}
				/>
				<Field
					label="New password"
					type="password"
					autoComplete="new-password"
					required
					hint="10 to 72 characters."
					value={form.data.password}
					trouble={form.errors.password}
					onChange={(event) => form.setData("password", event.target.value)}
				/>
				<button
					type="submit"
					disabled={form.processing}
					className="figure min-h-12 w-full rounded-md bg-ember text-on-ember"
				>
					Keep it
				</button>
			</form>
			<p className="mt-5">
				The letter is too old?{" "}
				<Link href="/forgot-password" className="underline underline-offset-4">
					Ask for another
				</Link>
			</p>
		</Door>
	);
}
