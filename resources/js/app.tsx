import "@fontsource-variable/atkinson-hyperlegible-next/wght.css";
import "@fontsource-variable/bricolage-grotesque/wght.css";
import "../css/app.css";
import { createInertiaApp } from "@inertiajs/react";
import { Tooltip } from "radix-ui";
import type { ComponentType } from "react";
import { createRoot } from "react-dom/client";

const pages = import.meta.glob<{ default: ComponentType }>("./pages/*.tsx");

createInertiaApp({
	title: (title) => (title ? `${title} · Eskith` : "Eskith"),
	resolve: async (name) => {
		const page = pages[`./pages/${name}.tsx`];
		if (!page) throw new Error(`There is no page ${name}.`);
		return (await page()).default;
	},
	setup({ el, App, props }) {
		createRoot(el).render(
			<Tooltip.Provider delayDuration={300}>
				<App {...props} />
			</Tooltip.Provider>,
		);
	},
	progress: { color: "#C8501E", showSpinner: false },
});
