import { Link, useForm, usePage } from "@inertiajs/react";
import { Button } from "../parts/Button";
import { FormField } from "../parts/FormField";
import { Notice } from "../parts/Notice";
import { GuestLayout } from "../shell/GuestLayout";

export default function ForgotPassword() {
	const { props } = usePage();
	const form = useForm({ email: "" });
	return (
		<GuestLayout title="A new password" says="You get an email with a link to set it.">
			{props.said && (
				<Notice tone="done" className="mb-5 py-2">
					{props.said}
				</Notice>
			)}
			<form
				onSubmit={(event) => {
					event.preventDefault();
					form.post("/forgot-password");
				}}
			>
				<FormField form={form} name="email" label="E-mail" kind="email" />
				<Button look="next" size="normal" wide type="submit" disabled={form.processing}>
					Send the email
				</Button>
			</form>
			<p className="mt-5">
				Remember it?{" "}
				<Link href="/sign-in" className="underline underline-offset-4">
					Sign in
				</Link>
			</p>
		</GuestLayout>
	);
}
