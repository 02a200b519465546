import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import laravel from "laravel-vite-plugin";
import { defineConfig } from "vite";
import { compression, defineAlgorithm } from "vite-plugin-compression2";

export default defineConfig({
	plugins: [
		laravel({ input: "resources/js/app.tsx" }),
		react(),
		tailwindcss(),
		// Packed once here, so that no server has to: public/router.php and the example configurations serve what lies beside.
		compression({
			include: /\.(js|css|svg|json)$/,
			exclude: /manifest\.json$/,
			threshold: 800,
			algorithms: [defineAlgorithm("brotliCompress"), defineAlgorithm("gzip", { level: 9 })],
		}),
	],
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
						{ name: "common", test: /resources\/js\/|node_modules\/d3-/, minShareCount: 4 },
					],
				},
			},
		},
	},
});
