import { Link, useForm } from "@inertiajs/react";
import { Button } from "../parts/Button";
import { FormField } from "../parts/FormField";
import { GuestLayout } from "../shell/GuestLayout";

export default function Register() {
	const form = useForm({ name: "", email: "", password: "" });
	return (
		<GuestLayout title="Make an account" says="It stays on this machine. Nothing is sent anywhere else.">
			<form
				onSubmit={(event) => {
					event.preventDefault();
					form.post("/register");
				}}
			>
				<FormField form={form} name="name" label="Name" autoComplete="name" required />
				<FormField form={form} name="email" label="E-mail" kind="email" />
				<FormField form={form} name="password" label="Password" kind="newPassword" />
				<Button look="next" size="normal" wide type="submit" disabled={form.processing}>
					Make the account
				</Button>
			</form>
			<p className="mt-5">
				Have one already?{" "}
				<Link href="/sign-in" className="underline underline-offset-4">
					Sign in
				</Link>
			</p>
		</GuestLayout>
	);
}
