import type { SharedProps } from "./types";

declare module "*.css";
declare module "@fontsource-variable/*";

declare module "@inertiajs/core" {
	interface InertiaConfig {
		sharedPageProps: SharedProps;
	}
}
