import { router } from "@inertiajs/react";
import { useEffect, useRef, useState } from "react";
import { token } from "../parts/send";

export interface Importing {
	/** What is being done, in words; null while nothing is. */
	busy: string | null;
	/** 0 to 1 */
	share: number;
	said: string | null;
	trouble: string | null;
	take: (file: File) => void;
	cancel: () => void;
}

const idle = { busy: null, share: 0, said: null, trouble: null };

/** Takes a file in, tells how far it is, and can be called off: until it is all read nothing of it is kept. */
export function useImport(water: number): Importing {
	const [state, setState] = useState<Omit<Importing, "take" | "cancel">>(idle);
	const running = useRef<XMLHttpRequest | null>(null);
	useEffect(() => () => running.current?.abort(), []);
	const take = (file: File) => {
		const request = new XMLHttpRequest();
		running.current = request;
		setState({ ...idle, busy: "Sending it" });
		request.upload.onprogress = (event) =>
			setState((was) => ({ ...was, share: event.lengthComputable ? (0.3 * event.loaded) / event.total : was.share }));
		request.upload.onload = () => setState((was) => ({ ...was, busy: "Reading it", share: 0.3 }));
		request.onprogress = () => {
			const done = lastOf(request.responseText)?.done;
			if (done !== undefined) setState((was) => ({ ...was, share: 0.3 + 0.7 * done }));
		};
		request.onload = () => {
			const last = lastOf(request.responseText);
			const trouble = last?.trouble ?? last?.message ?? (last?.said ? null : "That file could not be taken in.");
			setState({ ...idle, said: last?.said ?? null, trouble });
			if (last?.said) router.reload();
		};
		request.onerror = () =>
			setState({ ...idle, trouble: "No connection, or the file is too large. Nothing was taken in." });
		request.onabort = () => setState({ ...idle, trouble: "Canceled: nothing was read in." });
		const body = new FormData();
		body.append("file", file);
		request.open("POST", `/waters/${water}/import`);
		request.setRequestHeader("Accept", "application/json");
		request.setRequestHeader("X-Requested-With", "XMLHttpRequest");
		request.setRequestHeader("X-XSRF-TOKEN", token());
		request.send(body);
	};
	return { ...state, take, cancel: () => running.current?.abort() };
}

interface Line {
	done?: number;
	said?: string;
	trouble?: string;
	message?: string;
}

/** The last whole line of what was answered so far. */
function lastOf(text: string): Line | null {
	const lines = text.split("\n").filter(Boolean);
	for (const line of lines.reverse()) {
		try {
			return JSON.parse(line) as Line;
		} catch {
			// Not all of it is here yet.
		}
	}
	return null;
}
