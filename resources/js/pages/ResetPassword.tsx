import { Link, useForm } from "@inertiajs/react";
import { Button } from "../parts/Button";
import { FormField } from "../parts/FormField";
import { GuestLayout } from "../shell/GuestLayout";
import type { ResetPasswordPage } from "../types";

export default function ResetPassword({ token, email }: ResetPasswordPage) {
	const form = useForm({ token, email, password: "" });
	return (
		<GuestLayout title="Set a new password" says="It takes the place of the old one, and other devices are signed out.">
			<form
				onSubmit={(event) => {
					event.preventDefault();
					form.post("/reset-password", { onError: () => form.reset("password") });
				}}
			>
				<FormField form={form} name="email" label="E-mail" kind="email" />
				<FormField form={form} name="password" label="New password" kind="newPassword" />
				<Button look="next" size="normal" wide type="submit" disabled={form.processing}>
					Keep it
				</Button>
			</form>
			<p className="mt-5">
				Link too old?{" "}
				<Link href="/forgot-password" className="underline underline-offset-4">
					Ask for another
				</Link>
			</p>
		</GuestLayout>
	);
}
