import { Link, router, useForm, usePage } from "@inertiajs/react";
import { Button } from "../parts/Button";
import { FormField } from "../parts/FormField";
import { Notice } from "../parts/Notice";
import { GuestLayout } from "../shell/GuestLayout";
import { keepTourStep, steps } from "../shell/tour";

export default function SignIn() {
	const { props } = usePage();
	const form = useForm({ email: "", password: "", remember: true });
	return (
		<GuestLayout title="Sign in" says="Your readings, your box and your record are kept under your own account.">
			{props.said && (
				<Notice tone="done" className="mb-5 py-2">
					{props.said}
				</Notice>
			)}
			{props.demo && (
				<div className="mb-7 border-b border-rule pb-7">
					<button
						type="button"
						onClick={() => router.post("/demo")}
						className="figure min-h-14 w-full rounded-md bg-ember text-[18px] text-on-ember"
					>
						Open the demo
					</button>
					<p className="pt-2 text-[15px] text-slate">
						A made-up angler, four made-up waters, a season behind. No account needed.
					</p>
					<Button
						size="big"
						onClick={() => {
							keepTourStep(0);
							router.post("/demo", {}, { onSuccess: () => router.visit(steps[0]?.path ?? "/") });
						}}
					>
						Open it with a two-minute tour
					</Button>
				</div>
			)}
			<form
				onSubmit={(event) => {
					event.preventDefault();
					form.post("/sign-in", { onError: () => form.reset("password") });
				}}
			>
				<FormField form={form} name="email" label="E-mail" kind="email" />
				<FormField form={form} name="password" label="Password" kind="password" />
				<button
					type="submit"
					disabled={form.processing}
					className={`figure min-h-12 w-full rounded-md ${props.demo ? "border-2 border-ink" : "bg-ember text-on-ember"}`}
				>
					Sign in
				</button>
			</form>
			<p className="mt-5">
				<Link href="/forgot-password" className="underline underline-offset-4">
					Forgotten the password?
				</Link>
			</p>
			<p className="mt-2">
				No account yet?{" "}
				<Link href="/register" className="underline underline-offset-4">
					Make one
				</Link>
			</p>
		</GuestLayout>
	);
}
