import { Link, router, useForm, usePage } from "@inertiajs/react";
import { type ReactNode, useState } from "react";
import { Button } from "../parts/Button";
import { Field } from "../parts/Field";
import { FileButton } from "../parts/FileButton";
import { FormField } from "../parts/FormField";
import { Trouble } from "../parts/Notice";
import { say } from "../parts/words";
import { AppLayout } from "../shell/AppLayout";
import type { AccountPage } from "../types";

/** The account: its password and devices, everything in it as one file, and its end. */
export default function Account({ email, isDemo }: AccountPage) {
	const { props } = usePage();
	return (
		<AppLayout title="Account">
			<div className="max-w-[720px] px-4 py-5 lg:px-7">
				<p className="pb-1 text-[15px]">
					<Link href="/settings" className="underline underline-offset-4">
						Settings
					</Link>
				</p>
				<h1 className="text-[25px]">Account</h1>
				<p className="mt-1 text-slate">
					{isDemo
						? "This is the shared demo. Its password can’t be changed, and it can’t be deleted."
						: say("{angler} signs in as {email}. Everything in it is yours alone and stays on this machine.", {
								angler: props.angler,
								email,
							})}
				</p>
				<Everything />
				{!isDemo && (
					<>
						<Password />
						<Devices />
						<Goodbye />
					</>
				)}
			</div>
		</AppLayout>
	);
}

function Part({ title, says, children }: { title: string; says: string; children: ReactNode }) {
	return (
		<section aria-label={title} className="mt-6 border-t border-rule pt-3">
			<h2 className="text-[19px]">{title}</h2>
			<p className="mb-3 text-[15px] text-slate">{says}</p>
			{children}
		</section>
	);
}

const button = "figure min-h-12 rounded-md border-2 border-ink px-5";

const everything =
	"Lures, readings, outings, gear, waters, rules and settings, as a ZIP of plain JSON. " +
	"Read back in, it adds what is missing here and changes nothing that is there.";

function Everything() {
	const form = useForm<{ file: File | null }>({ file: null });
	return (
		<Part title="Everything as one file" says={everything}>
			<div className="flex flex-wrap items-center gap-3">
				<a href="/account/archive.zip" className={`${button} inline-flex items-center`}>
					Take everything out
				</a>
				<FileButton
					words="Read a file in"
					busy={form.processing ? "Reading it in …" : null}
					accept=".zip,application/zip"
					onFile={(file) => {
						form.transform(() => ({ file }));
						form.post("/account/archive", { preserveScroll: true });
					}}
				/>
			</div>
			<Trouble words={form.errors.file} />
		</Part>
	);
}

function Password() {
	const form = useForm({ current: "", password: "" });
	return (
		<Part title="Password" says="A new one signs out every other device.">
			<form
				onSubmit={(event) => {
					event.preventDefault();
					form.put("/account/password", { preserveScroll: true, onSuccess: () => form.reset() });
				}}
			>
				<div className="grid gap-x-4 sm:grid-cols-2">
					<FormField form={form} name="current" label="The one you have" kind="password" />
					<FormField form={form} name="password" label="The new one" kind="newPassword" />
				</div>
				<button type="submit" disabled={form.processing} className={button}>
					Change the password
				</button>
			</form>
		</Part>
	);
}

function Devices() {
	const form = useForm({ others: "" });
	return (
		<Part title="Other devices" says="Left signed in on a borrowed phone? This ends it everywhere but here.">
			<form
				onSubmit={(event) => {
					event.preventDefault();
					form.post("/account/sign-out-others", { preserveScroll: true, onSuccess: () => form.reset() });
				}}
			>
				<div className="max-w-[340px]">
					<FormField form={form} name="others" label="Your password, to be sure" kind="password" />
				</div>
				<button type="submit" disabled={form.processing} className={button}>
					Sign out the others
				</button>
			</form>
		</Part>
	);
}

function Goodbye() {
	const [sure, setSure] = useState(false);
	const [password, setPassword] = useState("");
	const { errors } = usePage().props;
	return (
		<Part title="Leave" says="The account goes with everything in it, for good. Take everything out first.">
			{sure ? (
				<form
					onSubmit={(event) => {
						event.preventDefault();
						router.delete("/account", { data: { goodbye: password }, preserveScroll: true });
					}}
				>
					<div className="max-w-[340px]">
						<Field
							label="Your password, to be sure"
							type="password"
							autoComplete="current-password"
							required
							value={password}
							trouble={errors.goodbye}
							onChange={(event) => setPassword(event.target.value)}
						/>
					</div>
					<div className="flex flex-wrap gap-3">
						<button type="submit" className="figure min-h-12 rounded-md border-2 border-rowan px-5 text-rowan">
							Delete the account
						</button>
						<Button size="normal" onClick={() => setSure(false)}>
							Keep it
						</Button>
					</div>
				</form>
			) : (
				<button type="button" className={button} onClick={() => setSure(true)}>
					Delete the account …
				</button>
			)}
		</Part>
	);
}
