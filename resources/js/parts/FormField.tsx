import type { InputHTMLAttributes } from "react";
import { Field } from "./Field";

/** The part of a form that one text of it needs. */
interface TextForm<Name extends string> {
	data: Record<Name, string>;
	errors: Partial<Record<Name, string>>;
	setData: (name: Name, value: string) => void;
}

/** What fields have in common, by their kind; those of accounts have to be filled in. */
const kinds = {
	email: { type: "email", autoComplete: "username", required: true },
	password: { type: "password", autoComplete: "current-password", required: true },
	newPassword: { type: "password", autoComplete: "new-password", hint: "10 to 72 characters.", required: true },
	text: {},
} as const;

interface Props<Name extends string> extends Omit<InputHTMLAttributes<HTMLInputElement>, "form" | "name"> {
	form: TextForm<Name>;
	name: Name;
	label: string;
	kind?: keyof typeof kinds;
}

/** A text of a form, with its trouble under it. */
export function FormField<Name extends string>({ form, name, kind = "text", ...field }: Props<Name>) {
	return (
		<Field
			{...kinds[kind]}
			{...field}
			value={form.data[name]}
			trouble={form.errors[name]}
			onChange={(event) => form.setData(name, event.target.value)}
		/>
	);
}
