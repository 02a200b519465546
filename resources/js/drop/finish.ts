import type { FINISH } from "../kinds";

/** How a finish is painted: back, flank and belly, and a pattern over it. */
export interface Paint {
	back: string;
	flank: string;
	belly: string;
	pattern: "none" | "bars" | "hammered" | "unknown";
}

const paints: Record<keyof typeof FINISH, Paint> = {
	silver: { back: "#8fa0a6", flank: "#e9eff0", belly: "#aebcc0", pattern: "hammered" },
	gold: { back: "#a8761f", flank: "#f0cf77", belly: "#c6963a", pattern: "hammered" },
	white: { back: "#eef1ee", flank: "#ffffff", belly: "#e3e8e5", pattern: "none" },
	chartreuse: { back: "#a5bb12", flank: "#dcec3f", belly: "#eef58f", pattern: "none" },
	perch: { back: "#4d5f22", flank: "#a9b34b", belly: "#f0e2a8", pattern: "bars" },
	natural: { back: "#3c4c51", flank: "#9fb0ad", belly: "#f3f3ec", pattern: "none" },
	black: { back: "#171d20", flank: "#2c3539", belly: "#20282b", pattern: "none" },
	black_white: { back: "#171d20", flank: "#6f787b", belly: "#ffffff", pattern: "none" },
	pink: { back: "#dd6f92", flank: "#f6b3c6", belly: "#fbdde6", pattern: "none" },
	red: { back: "#8c1b25", flank: "#cf3b45", belly: "#e57f82", pattern: "none" },
};

export function paintOf(finish: string): Paint {
	return (
		(paints as Record<string, Paint | undefined>)[finish] ?? {
			back: "#8b9791",
			flank: "#c7cfca",
			belly: "#e2e7e4",
			pattern: "unknown",
		}
	);
}
