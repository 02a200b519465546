import { type ReactNode, useRef, useState } from "react";

type Data = Record<string, unknown>;

interface Options {
	onError?: (errors: Record<string, string>) => void;
	onSuccess?: () => void;
	onFinish?: () => void;
	onNetworkError?: () => boolean;
}

/** A visit that was asked for; its ends are called by the test. */
export type Visit = [url: string, data: Data, ends: Options];

/** Every visit since the test began. */
export const visits: Visit[] = [];

const visit = (url: string, data: Data = {}, options: Options = {}) => void visits.push([url, data, options]);

export const router = {
	post: visit,
	put: visit,
	reload: () => {},
	delete: (url: string, options: Options) => visit(url, {}, options),
};

export function Link({ href, children }: { href: string; children: ReactNode }) {
	return <a href={href}>{children}</a>;
}

/** A form whose visit ends as the test says. */
export function useForm<T extends Data>(initial: T) {
	const [first] = useState(initial);
	const [data, setAll] = useState(first);
	const [errors, setErrors] = useState<Record<string, string>>({});
	const latest = useRef(data);
	const sent = useRef((given: T): Data => given);
	const set = (next: T) => {
		latest.current = next;
		setAll(next);
	};
	const submit = (url: string, { onError, onSuccess, ...rest }: Options = {}) =>
		visit(url, sent.current(latest.current), {
			...rest,
			onError: (all) => {
				setErrors(all);
				onError?.(all);
			},
			onSuccess: () => {
				setErrors({});
				onSuccess?.();
			},
		});
	return {
		data,
		errors,
		processing: false,
		isDirty: JSON.stringify(data) !== JSON.stringify(first),
		setData: (name: string | ((all: T) => T), value?: unknown) =>
			set(typeof name === "function" ? name(latest.current) : { ...latest.current, [name]: value }),
		reset: (...names: string[]) =>
			set({ ...latest.current, ...Object.fromEntries(names.map((name) => [name, first[name]])) }),
		clearErrors: () => setErrors({}),
		setError: (more: Record<string, string>) => setErrors((all) => ({ ...all, ...more })),
		transform: (change: (given: T) => Data) => {
			sent.current = change;
		},
		post: submit,
		put: submit,
	};
}
