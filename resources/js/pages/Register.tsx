import { Link, useForm } from "@inertiajs/react";
import { Door } from "../parts/Door";
import { Field } from "../parts/Field";

export default function Register() {
	const form = useForm({ name: "", email: "", password: "" });
	return (
		<Door title="Make an account" says="It stays on this machine. Nothing is sent anywhere else.">
			<form
				onSubmit={(event) => {
					event.preventDefault();
					form.post("/register");
				}}
			>
				<Field
					label="Name"
					autoComplete="name"
					required
					value={form.data.name}
					trouble={form.errors.name}
					onChange={(event) => form.setData("name", event.target.value)}
				/>
				<Field
					label="E-mail"
					type="email"
					autoComplete="username"
					required
					value={form.data.email}
					trouble={form.errors.email}
					onChange={(event) => form.setData("email", event.target.value)}
				/>
				<Field
					label="Password"
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
					Make the account
				</button>
			</form>
			<p className="mt-5">
				Have one already?{" "}
				<Link href="/sign-in" className="underline underline-offset-4">
					Sign in
				</Link>
			</p>
		</Door>
	);
}
