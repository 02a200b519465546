<?php

declare(strict_types=1);

// Run by bin/grow. Of each kind: the file where it is defined, with the one it is made like, and what else has to be told.

$kinds = [
    'family' => [
        ['core/Tackle/Family.php', twin('TailSpinner', ['tail spinner' => 'nudger', "aliases: ['spinner'], " => ''])],
    ],
    'event' => [
        ['telling/Enums/EventKind.php', twin('Touch', ['Touch' => 'Nudge']), swap(
            ['self::Touch, self::Nudge, self::Fish => null,', "self::Foul => ['Foul', 'o'],"],
            ['self::Touch, self::Fish => null,', "self::Foul => ['Foul', 'o'],\n            self::Nudge => ['Nudge', 'g'],"],
        )],
    ],
    'action' => [
        ['telling/Doing/OfflineAction.php', twin('Retie', ['A retied leader' => 'A nudge'])],
        ['app/Http/Requests/NudgeTap.php', copyOf('app/Http/Requests/RetieTap.php', ['RetieTap' => 'NudgeTap'])],
        ['resources/js/outbox/offlineActions.ts', swap(
            ['export type Retied =', 'Ended | Retied', "\t// Of a plan"],
            [
                "export type Nudged = Told & { do: \"nudge\" };\nexport type Retied =", 'Ended | Nudged | Retied',
                "\tnudge: (outing) => outing,\n\t// Of a plan",
            ],
        )],
    ],
    'factor' => [
        ['core/Record/Factor.php', twin('Rod', ["'rod'" => "'nudge'"])],
        ['app/Rows/SeasonReader.php', twin('Rod', [], 'Factor')],
    ],
    'cadence' => [['core/Cadence/Cadence.php', twin('LowHop')]],
    'species' => [['core/Care/Species.php', twin('Pike', ["'pike'" => "'nudge'"])]],
    'finish' => [
        ['core/Tackle/Finish.php', twin('Pink')],
        ['resources/js/drop/finish.ts', swap(
            ["\tpink: {"],
            ["\tnudge: { back: \"#111111\", flank: \"#222222\", belly: \"#333333\", pattern: \"none\" },\n\tpink: {"],
        )],
    ],
    'mark' => [
        ['telling/Enums/MarkKind.php', twin('Rock', ["'rock'" => "'nudge'"])],
        ['resources/js/places/Things.tsx', swap(["\tbottom: null,\n"], ["\tbottom: null,\n\tnudge: null,\n"])],
    ],
    'edge' => [
        ['telling/Enums/EdgeKind.php', twin('Weed', ["'weed edge'" => "'nudge'"])],
        ['resources/js/places/Things.tsx', swap(["\tshore: { ink"], ["\tnudge: { ink: \"#FFFFFF\", wide: 2 },\n\tshore: { ink"])],
    ],
    'finding' => [
        ['core/Choosing/Chart/ChartFindings.php', swap(
            ["            new ChartFinding('L15',"],
            ["            new ChartFinding('L99', 'A nudge.', 0.1, static fn (): ?Verdict => Verdict::of(0.1, 'nudged')),\n"
                ."            new ChartFinding('L15',"],
        )],
    ],
    'check' => [
        ['core/Choosing/Rigged/RigCheck.php', twin('Twist', ["'twist, coils'" => "'nudge'"])],
        ['core/Choosing/Rigged/RigChecks.php', swap(
            ["            RigCheck::Twist => \$this->twist(),\n"],
            ["            RigCheck::Twist => \$this->twist(),\n"
                ."            RigCheck::Nudge => new Finding(RigCheck::Nudge, true, 'A nudge.'),\n"],
        )],
    ],
    'caution' => [
        ['core/Care/Cautions.php', swap(
            ['            self::spines($day), self::rules($day),'],
            ["            self::spines(\$day), \$day->ice ? new Caution('nudge', 'A nudge', 'Mind it.') : null, self::rules(\$day),"],
        )],
    ],
];

$here = getcwd();
$asked = array_slice($argv, 1);
if ($asked === []) {
    exit('Kinds that grow: '.implode(', ', array_keys($kinds)).". Say one, several, or all.\n");
}
$asked = $asked === ['all'] ? array_keys($kinds) : $asked;
if (array_diff($asked, array_keys($kinds)) !== []) {
    $unknown = implode(', ', array_diff($asked, array_keys($kinds)));
    fwrite(STDERR, "There is no kind {$unknown}; there are ".implode(', ', array_keys($kinds)).".\n");
    exit(2);
}
$wrong = 0;
$away = folder();
foreach ($asked as $kind) {
    $begun = microtime(true);
    $first = true;
    foreach ($kinds[$kind] as $step) {
        $file = array_shift($step);
        foreach ($step as $change) {
            file_put_contents("{$away}/{$file}", $change((string) @file_get_contents("{$away}/{$file}")));
        }
        if ($first && count($kinds[$kind]) > 1) {
            $named = missed($away);
            echo "{$kind}: defined in {$file}; then named: ".($named === [] ? 'nothing' : implode('; ', $named))."\n";
        }
        $first = false;
    }
    $left = missed($away);
    $wrong += (int) ($left !== []);
    printf(
        "%s: %d file%s, %.1f min, %s\n", $kind, count($kinds[$kind]), count($kinds[$kind]) === 1 ? '' : 's',
        (microtime(true) - $begun) / 60, $left === [] ? 'there wherever it has to be' : 'MISSED: '.implode('; ', $left),
    );
    run("git -C {$away} checkout -q . && git -C {$away} clean -fdq app core resources");
}
run('git worktree remove --force '.escapeshellarg($away));
exit($wrong === 0 ? 0 : 1);

/** A copy of what is committed, with the packages of here. */
function folder(): string
{
    $away = sys_get_temp_dir().'/eskith-grow-'.getmypid();
    run("git worktree add --quiet --detach {$away} HEAD");
    // Linked, not copied, where that can be; but for the map of classes, which is written anew there.
    run("cp -al vendor {$away}/vendor 2>/dev/null || cp -a vendor {$away}/vendor");
    run("rm -rf {$away}/vendor/composer && cp -a vendor/composer {$away}/vendor/composer");
    run("ln -s {$GLOBALS['here']}/node_modules {$away}/node_modules");
    foreach (['framework/views', 'framework/cache/data', 'framework/sessions', 'logs', '../bootstrap/cache'] as $folder) {
        run("mkdir -p {$away}/storage && mkdir -p {$away}/storage/{$folder}");
    }
    run("cd {$away} && composer dump-autoload -q");

    return $away;
}

/**
 * One more in an enum, made like another of it.
 *
 * @param  array<string, string>  $words  what is said otherwise of it
 * @param  string  $enum  how the enum is called where the change is made
 */
function twin(string $like, array $words = [], string $enum = 'self'): callable
{
    return static function (string $text) use ($like, $words, $enum): string {
        $text = (string) preg_replace("/^(    case ){$like}( = )'(\\w+)';\n/m", "$0$1Nudge$2'nudge';\n", $text, 1);
        $label = "{$enum}::{$like}";
        $from = 0;
        $arms = "/^[ ]*((?:{$enum}::\\w+(?:,\\s+)?)*{$label}(?:,\\s+{$enum}::\\w+)*) => /m";
        while (preg_match($arms, $text, $found, PREG_OFFSET_CAPTURE, $from) === 1) {
            [$labels, $at] = $found[1];
            if ($labels !== $label) {
                $text = substr_replace($text, "{$label}, {$enum}::Nudge", $at + (int) strpos($labels, $label), strlen($label));
                $from = $at + strlen($labels) + 20;

                continue;
            }
            $begins = $found[0][1];
            $ends = endOf($text, $begins + strlen($found[0][0]));
            $arm = substr($text, $begins, $ends - $begins);
            $text = substr_replace($text, strtr(str_replace($label, "{$enum}::Nudge", $arm), $words), $ends, 0);
            $from = $ends + strlen($arm);
        }

        return $text;
    };
}

/** Where an arm of a match ends, with its comma and the end of its line. */
function endOf(string $text, int $at): int
{
    for ($depth = 0; $at < strlen($text); $at++) {
        $depth += ['(' => 1, '[' => 1, '{' => 1, ')' => -1, ']' => -1, '}' => -1][$text[$at]] ?? 0;
        if ($text[$at] === "'") {
            $at = (int) strpos($text, "'", $at + 1);
        } elseif ($text[$at] === ',' && $depth === 0) {
            return (int) strpos($text, "\n", $at) + 1;
        }
    }

    return $at;
}

/**
 * @param  list<string>  $is  each has to be there
 * @param  list<string>  $becomes
 */
function swap(array $is, array $becomes): callable
{
    return static function (string $text) use ($is, $becomes): string {
        foreach ($is as $i => $one) {
            if (! str_contains($text, $one)) {
                throw new RuntimeException("Not there any more: {$one}");
            }
            $text = str_replace($one, $becomes[$i], $text);
        }

        return $text;
    };
}

/** @param  array<string, string>  $words */
function copyOf(string $file, array $words): callable
{
    return static fn (): string => strtr((string) file_get_contents($file), $words);
}

/** @return list<string> what does not know of it, each in a line; none where everything does */
function missed(string $away): array
{
    $changed = array_filter(explode("\n", run("git -C {$away} diff --name-only && git -C {$away} ls-files --others --exclude-standard")));
    $enums = array_map(static fn (string $file): string => basename($file, '.php'), preg_grep('/\.php$/', $changed) ?: []);
    $about = array_filter(explode("\n", run("cd {$away} && grep -rlwE '".implode('|', $enums)."' core telling app --include=*.php")));
    $wrong = [];
    foreach (['core' => ['core/', 'telling/'], 'app' => ['app/']] as $room => $folders) {
        $isThere = static fn (string $file): bool => in_array(strstr($file, '/', true).'/', $folders, true);
        $files = implode(' ', array_filter($about, $isThere));
        $said = $files === '' ? '' : run(
            "cd {$away} && vendor/bin/phpstan analyse -c phpstan.{$room}.neon --no-progress --error-format=raw "
                ."--memory-limit=1G {$files} 2>/dev/null",
        );
        array_push($wrong, ...(preg_grep('/:\d+:/', explode("\n", $said)) ?: []));
    }
    run("cd {$away} && php artisan types");
    array_push($wrong, ...(preg_grep('/error TS/', explode("\n", run("cd {$away} && npx tsc --noEmit 2>/dev/null"))) ?: []));
    $tests = run("cd {$away} && vendor/bin/phpunit --testsuite Feature --filter GrowthTest --testdox --no-progress 2>&1");
    array_push($wrong, ...(preg_grep('/^ ✘/u', explode("\n", $tests)) ?: []));
    array_push($wrong, ...(str_contains($tests, 'OK (') ? [] : (preg_grep('/^(PHP )?Fatal|^Error/', explode("\n", $tests)) ?: [])));
    $screen = run("cd {$away} && npx vitest run tests/Interface/growth.test.ts --reporter=verbose --no-color 2>&1");
    array_push($wrong, ...(preg_grep('/^ *×/u', explode("\n", $screen)) ?: []));

    return array_map(static fn (string $line): string => trim(str_replace("{$away}/", '', substr($line, 0, 180))), array_values($wrong));
}

function run(string $command): string
{
    return (string) shell_exec($command);
}
