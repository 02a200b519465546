import { Link, useForm, usePage } from "@inertiajs/react";
import { FormField } from "../parts/FormField";
import { GuestLayout } from "../parts/GuestLayout";

export default function ForgotPassword() {
	const { props } = usePage<{ said: string | null }>();
	const form = useForm({ email: "" });
	return (
		<GuestLayout title="A new password" says="You get a letter with an address at which you set it.">
			{props.said && (
				<p role="status" className="mb-5 border-l-4 border-brass bg-brass-pale px-3 py-2">
					{props.said}
				</p>
			)}
			<form
				onSubmit={(event) => {
					event.preventDefault();
					form.post("/forgot-password");
				}}
			>
				<FormField form={form} name="email" label="E-mail" kind="email" />
				<button
					type="submit"
					disabled={form.processing}
					className="figure min-h-12 w-full rounded-md bg-ember text-on-ember"
				>
					Send the letter
				</button>
			</form>
			<p className="mt-5">
				It came back to you?{" "}
				<Link href="/sign-in" className="underline underline-offset-4">
					Sign in
				</Link>
			</p>
		</GuestLayout>
	);
}
