import { type ComponentType, type LazyExoticComponent, lazy } from "react";

/** ms after the first drawing at which what has not been asked for yet is fetched all the same, for when there is no signal later. */
const LATER = 6000;

/** A part that comes only when it is first shown, so that the page itself is there sooner. */
export function onDemand<P extends object>(
	load: () => Promise<{ default: ComponentType<P> }>,
): LazyExoticComponent<ComponentType<P>> {
	if (import.meta.env.PROD) window.setTimeout(() => void load().catch(() => {}), LATER);
	return lazy(load);
}
