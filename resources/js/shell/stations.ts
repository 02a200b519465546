/** The six stations in the order of the day; the key of each is its number. */
export const stations = [
	{ path: "/water", name: "Water" },
	{ path: "/lure", name: "Lure" },
	{ path: "/rig", name: "Rig" },
	{ path: "/work", name: "Work" },
	{ path: "/fish", name: "Fish" },
	{ path: "/look-back", name: "Look back" },
] as const;

/** Those that are needed on the water, one tap away on a phone. */
export const ofTheWater = stations.filter(({ path }) => ["/water", "/lure", "/work", "/fish"].includes(path));

export const besides = [
	{ path: "/tackle", name: "Tackle box" },
	{ path: "/gear", name: "Before you go" },
	{ path: "/places", name: "Places" },
	{ path: "/rules", name: "Rules" },
	{ path: "/settings", name: "Settings" },
] as const;

export function isHere(path: string, url: string): boolean {
	const at = url.split("?")[0] ?? "";
	return (
		at === path ||
		(path === "/lure" && at === "/") ||
		(path === "/tackle" && at.startsWith("/tackle/")) ||
		(path === "/places" && at.startsWith("/places/")) ||
		(path === "/settings" && (at === "/cadences" || at === "/this-phone")) ||
		(path === "/look-back" && (at.startsWith("/look-back/") || at.startsWith("/outings")))
	);
}
