import { useCallback, useRef, useState } from "react";
import { troubleOf } from "../parts/queries";
import { Refused, send } from "../parts/send";
import type { LureData } from "../types";

/** A change of some fields of one lure, by somebody who has seen a version of it with these values. */
export interface Change {
	id: number;
	set: Record<string, unknown>;
	version: number;
	saw?: Record<string, unknown>;
}

/** Two changed the same: both values in a sentence, and what to send when one's own is wanted all the same. */
export interface Clash {
	words: string;
	mine: Change[];
}

interface Changed {
	/** The changes that undo these. */
	before: Change[];
	lures: LureData[];
}

interface Told {
	changed: Changed | null;
	clash: Clash | null;
	trouble: { words: string; fields: Record<string, string> } | null;
}

/** Sends changes, all or none, and says in words what stood in the way. */
async function sendChanges(each: Change[]): Promise<Told> {
	try {
		return { changed: await send<Changed>("PATCH", "/lures", { each }), clash: null, trouble: null };
	} catch (error) {
		if (error instanceof Refused && error.status === 409) {
			const { lure, version } = error.answer as { lure: number; version: number };
			const mine = each.map((one) => (one.id === lure ? { id: one.id, set: one.set, version } : one));
			return { changed: null, clash: { words: error.message, mine }, trouble: null };
		}
		const words = troubleOf(error, "No connection: nothing was changed. Try again.");
		return { changed: null, clash: null, trouble: { words, fields: error instanceof Refused ? error.fields : {} } };
	}
}

/** The values that fields had when they were looked at, for the fields that are to change; of groups, the parts. */
export function seen(fields: Record<string, unknown>, set: Record<string, unknown>): Record<string, unknown> {
	return Object.fromEntries(
		Object.entries(set).map(([name, value]) => {
			const was = fields[name] ?? null;
			if (name !== "build" && name !== "hooks") return [name, was];
			const parts = Object.keys(value as Record<string, unknown>);
			return [name, Object.fromEntries(parts.map((part) => [part, (was as Record<string, unknown>)?.[part] ?? null]))];
		}),
	);
}

/** The fields of a lure as its row in the list shows them. */
export function shownFields(lure: LureData): Record<string, unknown> {
	return { ...lure, buy_again: lure.buyAgain, build: { usual: lure.usual || null } };
}

/** What ChangeNotes tells of the last change. */
export interface Notes {
	undo: { words: string; before: Change[] } | null;
	clash: Clash | null;
	trouble: string | null;
	onUndo: () => void;
	/** One's own is wanted all the same. */
	onMine: () => void;
	/** What is there is left as it is. */
	onTheirs: () => void;
	/** Lets the last change stand. */
	onGood: () => void;
}

/**
 * Changes of lures, each of which can be undone; `onChanged` is given the lures as they are then, none when they are to be
 * looked at anew.
 */
export function useLureChanges(onChanged: (lures: LureData[]) => unknown) {
	const [undo, setUndo] = useState<Notes["undo"]>(null);
	const [trouble, setTrouble] = useState<Told["trouble"]>(null);
	const [clash, setClash] = useState<(Clash & { done: string }) | null>(null);
	const changed = useRef(onChanged);
	changed.current = onChanged;
	const apply = useCallback(async (each: Change[], words: string, undoing = false): Promise<boolean> => {
		const told = await sendChanges(each);
		setTrouble(told.trouble);
		setClash(told.clash && { ...told.clash, done: words });
		if (!told.changed) return false;
		setUndo(undoing ? null : { words, before: told.changed.before });
		await changed.current(told.changed.lures);
		return true;
	}, []);
	const notes: Notes = {
		undo,
		clash,
		trouble: trouble?.words ?? null,
		onUndo: () => undo && void apply(undo.before, "", true),
		onMine: () => clash && void apply(clash.mine, clash.done),
		onTheirs: () => {
			setClash(null);
			void changed.current([]);
		},
		onGood: () => setUndo(null),
	};
	return { apply, notes, fields: trouble?.fields ?? null };
}
