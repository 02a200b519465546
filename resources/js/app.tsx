import "@fontsource-variable/atkinson-hyperlegible-next/wght.css";
import "@fontsource-variable/bricolage-grotesque/wght.css";
import "../css/app.css";
import { createInertiaApp } from "@inertiajs/react";
import { type ComponentType, startTransition } from "react";
import { createRoot } from "react-dom/client";
import { styleNonce } from "./parts/nonce";
import { workOffline } from "./shell/offline";

// Scroll locks of dialogs look for it under this name.
Object.assign(window, { __webpack_nonce__: styleNonce() });

const pages = import.meta.glob<{ default: ComponentType }>("./pages/*.tsx");

createInertiaApp({
	title: (title) => (title ? `${title} · Eskith` : "Eskith"),
	resolve: async (name) => {
		const page = pages[`./pages/${name}.tsx`];
		if (!page) throw new Error(`There is no page ${name}.`);
		return (await page()).default;
	},
	setup({ el, App, props }) {
		// As a transition it is drawn in slices, so that a slow phone stays open to a touch meanwhile.
		startTransition(() => createRoot(el).render(<App {...props} />));
		const { props: said, version } = props.initialPage;
		workOffline((said.anglerId as number | null | undefined) ?? null, version ?? "");
	},
	defaults: { nonce: styleNonce() },
	progress: { color: "#C8501E", showSpinner: false },
});
