interface Props {
	kind: string | null;
	width: number;
	top: number;
	height: number;
	wall: boolean;
	surface: number;
	/** −1 when the lure lies to the left, so a wall stands to the right, and the other way round. */
	side: number;
}

/** What lies below by its kind; sand where it is not named. */
const grounds: Record<string, string> = { mud: "var(--mud)", mud_ridge: "var(--mud)", rock: "var(--rock)" };

/** The bottom as it was read: rock, sand, gravel, mud or weed; nothing where it was not. */
export function Bottom({ kind, width, top, height, wall, surface, side }: Props) {
	const ground = kind === null ? "var(--rule)" : (grounds[kind] ?? "var(--sand)");
	const wallX = side < 0 ? width : 0;
	return (
		<g>
			<rect x="0" y={top} width={width} height={Math.max(0, height)} fill={ground} />
			<path d={`M 0 ${top} H ${width}`} stroke="#10222B" strokeOpacity="0.45" />
			{(kind === "sand" || kind === "rock_to_sand") && (
				<Grains width={width} top={top} height={height} from={kind === "sand" ? 0 : 0.5} />
			)}
			{kind === "rock" && <Stones width={width} top={top} share={1} />}
			{kind === "rock_to_sand" && <Stones width={width} top={top} share={0.5} />}
			{kind === "gravel_shell" && <Gravel width={width} top={top} />}
			{kind === "short_grass" && <Weed width={width} top={top} every={7} tall={6} />}
			{kind === "mud_ridge" && (
				<path
					d={`M 0 ${top} C ${width * 0.25} ${top} ${width * 0.32} ${top - 14} ${width * 0.5} ${top - 14} S
						${width * 0.75} ${top} ${width} ${top} Z`}
					fill="var(--mud)"
					stroke="#10222B"
					strokeOpacity="0.45"
				/>
			)}
			{(kind === "mud" || kind === "mud_ridge") && (
				<path
					d={[12, 24, 36]
						.map((down) => `M 0 ${top + down} q ${width / 4} -5 ${width / 2} 0 t ${width / 2} 0`)
						.join(" ")}
					stroke="#10222B"
					strokeOpacity="0.3"
					fill="none"
				/>
			)}
			{kind === "weed_scattered" && <Weed width={width} top={top} every={48} tall={16} />}
			{kind === "weed_thick" && <Weed width={width} top={top} every={12} tall={26} />}
			{wall && (
				<path
					d={`M ${wallX} ${surface} l ${side * 16} 8 l ${-side * 6} ${(top - surface) * 0.3} l ${side * 10}
						${(top - surface) * 0.28} l ${-side * 5} ${(top - surface) * 0.22} l ${side * 12} ${(top - surface) * 0.2} H
						${wallX} Z`}
					fill="var(--rock)"
					stroke="#10222B"
					strokeOpacity="0.5"
				/>
			)}
		</g>
	);
}

function Grains({ width, top, height, from }: { width: number; top: number; height: number; from: number }) {
	const dots: string[] = [];
	for (let row = 0; row * 9 < Math.min(height, 90); row++) {
		for (let x = width * from + (row % 2) * 6; x < width; x += 12) dots.push(`M ${x} ${top + 7 + row * 9} h 0.01`);
	}
	return <path d={dots.join(" ")} stroke="#10222B" strokeOpacity="0.38" strokeWidth="1.8" strokeLinecap="round" />;
}

function Stones({ width, top, share }: { width: number; top: number; share: number }) {
	const stones: string[] = [];
	const sizes = [26, 18, 32, 22, 15, 28, 20];
	let x = -6;
	for (let index = 0; x < width * share; index++) {
		const size = sizes[index % sizes.length] ?? 20;
		stones.push(
			`M ${x} ${top + 7} l ${size * 0.22} ${-size * 0.36} l ${size * 0.4} ${-size * 0.06} l ${size * 0.38}
				${size * 0.3} l ${-size * 0.16} ${size * 0.34} h ${-size * 0.66} Z`,
		);
		x += size * 1.12;
	}
	return <path d={stones.join(" ")} fill="var(--rock)" stroke="#10222B" strokeOpacity="0.6" />;
}

function Weed({ width, top, every, tall }: { width: number; top: number; every: number; tall: number }) {
	const blades: string[] = [];
	for (let x = 8; x < width; x += every)
		blades.push(`M ${x} ${top + 2} q -4 ${-tall / 2} 1 ${-tall} M ${x} ${top + 2} q 5 ${-tall / 3} 4 ${-tall * 0.7}`);
	return <path d={blades.join(" ")} stroke="#3F6B3A" strokeWidth="2.4" fill="none" strokeLinecap="round" />;
}

/** Small rounded stones and open shells between them. */
function Gravel({ width, top }: { width: number; top: number }) {
	const stones: string[] = [];
	const shells: string[] = [];
	for (let x = 4, index = 0; x < width; x += 9, index++) {
		const r = 2.6 + (index % 3) * 0.8;
		if (index % 4 === 2) shells.push(`M ${x - 4} ${top + 4} q 4 -6 8 0 M ${x} ${top + 1} v 3`);
		else stones.push(`M ${x - r} ${top + 2} a ${r} ${r * 0.8} 0 1 0 ${2 * r} 0 a ${r} ${r * 0.8} 0 1 0 ${-2 * r} 0`);
	}
	return (
		<>
			<path d={stones.join(" ")} fill="var(--rock)" stroke="#10222B" strokeOpacity="0.5" strokeWidth="0.8" />
			<path d={shells.join(" ")} fill="none" stroke="#FBFCFA" strokeOpacity="0.9" strokeWidth="1.3" />
		</>
	);
}
