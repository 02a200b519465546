import { useEffect, useRef } from "react";
import silence from "./silence.wav?no-inline";

interface Keys {
	/** Play or pause was pressed. */
	onToggle: () => void;
	/** The next track was asked for. */
	onNext: () => void;
}

/**
 * The keys of a headset, from the first time that something runs until the page is left: a browser gives them to what plays, so a
 * silence plays while it runs.
 *
 * @param title what a phone shows beside its own keys
 */
export function useHeadset(running: boolean, title: string, keys: Keys): void {
	const latest = useRef(keys);
	latest.current = keys;
	const player = useRef<HTMLAudioElement | null>(null);
	const begun = running || player.current !== null;
	useEffect(() => {
		if (!begun || !("mediaSession" in navigator)) return;
		const audio = new Audio(silence);
		audio.loop = true;
		player.current = audio;
		const { mediaSession } = navigator;
		const toggle = () => latest.current.onToggle();
		const handlers = { play: toggle, pause: toggle, nexttrack: () => latest.current.onNext() };
		const all = Object.entries(handlers) as [keyof typeof handlers, () => void][];
		for (const [key, press] of all) mediaSession.setActionHandler(key, press);
		return () => {
			audio.pause();
			player.current = null;
			for (const [key] of all) mediaSession.setActionHandler(key, null);
			mediaSession.metadata = null;
			mediaSession.playbackState = "none";
		};
	}, [begun]);
	useEffect(() => {
		const audio = player.current;
		if (!audio) return;
		navigator.mediaSession.metadata = new MediaMetadata({ title });
		navigator.mediaSession.playbackState = running ? "playing" : "paused";
		// A browser that lets nothing play gives no keys either; the ones on the page are there.
		if (running) void audio.play()?.catch(() => {});
		else audio.pause();
	}, [running, title]);
}
