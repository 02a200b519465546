import type { SharedProps } from "./types";

declare module "*.css";
declare module "@fontsource-variable/*";
declare module "*.wav?no-inline" {
	const address: string;
	export default address;
}

declare module "@inertiajs/core" {
	interface InertiaConfig {
		sharedPageProps: SharedProps;
	}
}
