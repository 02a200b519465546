import { useEffect, useState } from "react";
import type { PictureData } from "../types";

interface Props {
	picture: PictureData;
	/** What it shows, for who cannot see it. */
	alt: string;
	/** Whether it waits on this device. */
	here?: boolean;
	className?: string;
}

/** A picture, from the server or, while it waits there, from this device. Its place is kept until it comes. */
export function Picture({ picture: { uuid, width, height }, alt, here = false, className = "" }: Props) {
	const [address, setAddress] = useState(here ? null : `/pictures/${uuid}`);
	const [missing, setMissing] = useState(false);
	useEffect(() => {
		let closed = false;
		setMissing(false);
		if (!here) setAddress(`/pictures/${uuid}`);
		else
			void import("../outbox/pictures")
				.then(({ addressHere }) => addressHere(uuid))
				// It was sent meanwhile.
				.then((found) => !closed && setAddress(found ?? `/pictures/${uuid}`))
				.catch(() => {});
		return () => {
			closed = true;
		};
	}, [uuid, here]);
	if (missing)
		return (
			<span className={`flex items-center justify-center border border-rule p-1 text-[14px] text-slate ${className}`}>
				Needs a signal
			</span>
		);
	return (
		<img
			src={address ?? undefined}
			alt={alt}
			width={width}
			height={height}
			loading="lazy"
			decoding="async"
			onError={() => setMissing(true)}
			className={`bg-frost object-cover ${className}`}
		/>
	);
}
