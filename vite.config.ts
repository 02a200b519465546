import { constants } from "node:zlib";
import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import laravel from "laravel-vite-plugin";
import { defineConfig } from "vite";
import { compression, defineAlgorithm } from "vite-plugin-compression2";
import { VitePWA } from "vite-plugin-pwa";
import { rooms } from "./vite.rooms";

export default defineConfig({
	plugins: [
		laravel({
			input: "resources/js/app.tsx",
			hotFile: "storage/dev/hot",
			refresh: ["app/**/*.php", "core/**/*.php", "resources/views/**", "routes/**"],
		}),
		react(),
		tailwindcss(),
		rooms(),
		// Opens without a connection what is needed on the water: the scripts as built, pages as they were last seen.
		VitePWA({
			outDir: "public/build",
			buildBase: "/build/",
			base: "/",
			scope: "/",
			injectRegister: false,
			manifestFilename: "eskith.webmanifest",
			manifest: {
				name: "Eskith",
				short_name: "Eskith",
				description: "The drop computed, the lure chosen, the day logged.",
				id: "/fish",
				start_url: "/fish",
				scope: "/",
				display: "standalone",
				background_color: "#EDF1EE",
				theme_color: "#163B48",
				icons: [
					{ src: "/icon.svg", sizes: "any", type: "image/svg+xml", purpose: "any" },
					{ src: "/icon-512.png", sizes: "512x512", type: "image/png", purpose: "any maskable" },
					{ src: "/icon-192.png", sizes: "192x192", type: "image/png", purpose: "any" },
				],
			},
			workbox: {
				globDirectory: "public/build",
				globPatterns: ["assets/*.js", "assets/*.css", "assets/*-latin-wght-normal-*.woff2"],
				// What answers on this device is taken along when it is wanted.
				globIgnores: ["assets/worker-*"],
				modifyURLPrefix: { "assets/": "/build/assets/" },
				navigateFallback: null,
				clientsClaim: true,
				skipWaiting: true,
				inlineWorkboxRuntime: true,
				sourcemap: false,
				additionalManifestEntries: [{ url: "/no-signal", revision: Date.now().toString(36) }],
				runtimeCaching: [
					{
						urlPattern: /\/build\/assets\/(worker|rooms|php8|[0-9a-f]{40})[^/]*$/,
						handler: "CacheFirst",
						options: { cacheName: "on board", cacheableResponse: { statuses: [200] } },
					},
					{
						// Everything that is looked at, but what is there to sign in or to take a file away.
						urlPattern: ({ request, url, sameOrigin }) =>
							sameOrigin &&
							request.mode === "navigate" &&
							(url.pathname === "/boat-card.html" || !url.pathname.includes(".")) &&
							!/^\/(sign-in|register|forgot-password|reset-password|no-signal)/.test(url.pathname),
						handler: "NetworkFirst",
						options: {
							cacheName: "pages",
							networkTimeoutSeconds: 6,
							matchOptions: { ignoreSearch: true },
							cacheableResponse: { statuses: [200] },
							expiration: { maxEntries: 80 },
							precacheFallback: { fallbackURL: "/no-signal" },
							// The Lure station has two addresses.
							plugins: [
								{
									cacheKeyWillBeUsed: async ({ request }) =>
										new URL(request.url).pathname === "/" ? new URL("/lure", request.url).href : request.url,
								},
							],
						},
					},
				],
			},
		}),
		// Packed once here, so that no server has to: public/router.php and the example configurations serve what lies beside.
		compression({
			include: /\.(m?js|css|svg|json)$/,
			exclude: /manifest\.json$/,
			threshold: 800,
			algorithms: [defineAlgorithm("brotliCompress"), defineAlgorithm("gzip", { level: 9 })],
		}),
		// Large, and hardly smaller for seven times as long a wait.
		compression({
			include: /\.wasm$/,
			algorithms: [defineAlgorithm("brotliCompress", { params: { [constants.BROTLI_PARAM_QUALITY]: 9 } })],
		}),
	],
	worker: { format: "es" },
	build: {
		assetsInlineLimit: 0,
		rolldownOptions: {
			output: {
				advancedChunks: {
					groups: [
						// What every page needs comes as two files rather than twenty; each page adds its own.
						{
							name: "base",
							test: /node_modules\/(react|react-dom|scheduler|@inertiajs|es-toolkit|laravel-precognition)\//,
						},
						// What waits on the device comes when something is asked of it: of the pages Fish alone needs it at once.
						{ name: "outbox", test: /resources\/js\/outbox\/(Outbox|device|pictures|wire)\.ts$|node_modules\/dexie\// },
						{ name: "common", test: /resources\/js\/(?!pictures\/)/, minShareCount: 4 },
					],
				},
			},
		},
	},
});
