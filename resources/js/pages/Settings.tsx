import { Link, router, usePage } from "@inertiajs/react";
import { useEffect } from "react";
import { Choice } from "../parts/Choice";
import { say } from "../parts/words";
import { AppLayout } from "../shell/AppLayout";
import { SignOut } from "../shell/SignOut";
import { TakeAlong } from "../shell/TakeAlong";
import type { SettingsPage } from "../types";

const groups: [string, [string, string, Record<string, string>][]][] = [
	[
		"Units",
		[
			["weight", "Lure weight", {}],
			["depth", "Depth and length", { ft: "feet and inches", m: "metres and centimetres" }],
			["speed", "Speed", {}],
			["temperature", "Temperature", {}],
			["fish_weight", "Fish weight and line strength", {}],
		],
	],
	[
		"Schools, where anglers disagree",
		[
			["hole", "Which hole", { "middle-first": "middle first", "level-lift": "level lift" }],
			[
				"finish",
				"Which finish",
				{ "forage-and-silhouette": "forage and silhouette", "flash-by-light": "flash by light" },
			],
			["gold", "A little gold on every lure", { no: "does not matter", yes: "always wanted" }],
			["vigour", "How hard in cold water", { "barely-move": "barely move", "snap-awake": "snap awake" }],
			["shore", "Which shore in a wind", { lee: "the lee", windward: "the one it blows onto" }],
			["reel", "Which reel", { spinning: "spinning", casting: "low casting" }],
			["factory_hooks", "Factory hooks", { replaced: "sharpened or replaced at once", kept: "kept while sharp" }],
		],
	],
	[
		"Patience, when nothing bites",
		[
			["change", "Changing the lure takes", { "1": "1 min", "3": "3 min", "5": "5 min", "8": "8 min" }],
			["trial", "Shortest fair trial", { "5": "5 min", "10": "10 min", "15": "15 min", "20": "20 min" }],
		],
	],
	["Look", [["theme", "Theme", { day: "day", dawn: "dark, before dawn", sun: "bright sun" }]]],
];

/** Units, schools, patience and look. */
export default function Settings({ choices, settings }: SettingsPage) {
	const { props } = usePage();
	useEffect(() => {
		document.documentElement.dataset.theme = props.theme;
	}, [props.theme]);
	return (
		<AppLayout title="Settings">
			<div className="max-w-[720px] px-4 py-5 lg:px-7">
				<h1 className="text-[25px]">Settings</h1>
				<p className="mt-1 text-slate">Each is kept as soon as you choose it.</p>
				{groups.map(([title, settingsOf]) => (
					<section key={title} className="mt-5 border-t border-rule pt-3">
						<h2 className="text-[19px]">{title}</h2>
						{title.startsWith("Schools") && (
							<p className="pt-1 text-[15px] text-slate">
								Switch, weigh and add single rules under{" "}
								<Link href="/rules" className="underline underline-offset-4">
									Rules
								</Link>
								. How lures are let down, and cadence numbers:{" "}
								<Link href="/cadences" className="underline underline-offset-4">
									Cadences
								</Link>
								.
							</p>
						)}
						<div className="grid gap-x-8 sm:grid-cols-2">
							{settingsOf.map(([name, label, words]) => (
								<Choice
									key={name}
									label={label}
									value={settings[name] ?? ""}
									options={inOrder(choices[name] ?? []).map((value) => [value, words[value] ?? value] as const)}
									onChange={(value) => router.put("/settings", { [name]: value }, { preserveScroll: true })}
								/>
							))}
						</div>
					</section>
				))}
				<section className="mt-5 border-t border-rule pt-3">
					<h2 className="pb-1 text-[19px]">With no signal</h2>
					<TakeAlong />
				</section>
				<section className="mt-5 border-t border-rule pt-3">
					<h2 className="pb-1 text-[19px]">This phone</h2>
					<p className="max-w-[60ch] text-[15px] text-slate">
						Where it is, its screen, its sensors, pictures: what each is for and what it costs.
					</p>
					<Link href="/this-phone" className="inline-flex min-h-11 items-center underline underline-offset-4">
						What this phone is used for
					</Link>
				</section>
				<section className="mt-6 flex items-center justify-between border-t border-rule pt-4">
					<p>
						{say("Signed in as {angler}. ", { angler: props.angler })}
						<Link href="/account" className="underline underline-offset-4">
							Account
						</Link>
					</p>
					<SignOut />
				</section>
			</div>
		</AppLayout>
	);
}

/** Figures from the least to the most; the rest as they come, the usual one first. */
function inOrder(values: string[]): string[] {
	return values.every((value) => /^\d+$/.test(value)) ? [...values].sort((a, b) => Number(a) - Number(b)) : values;
}
