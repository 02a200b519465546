<?php

declare(strict_types=1);

namespace Tests\Core;

use PhpToken;
use PHPUnit\Framework\TestCase;
use Tests\Support\ClassGraph;

/** The core names nothing outside itself and PHP, its packages depend only downward, and the application has floors. */
final class ArchitectureTest extends TestCase
{
    /** From the top down. */
    private const ORDER = [
        'CommandLine', 'Record', 'Choosing', 'Cadence', 'Rig', 'Drop', 'Balance', 'Tackle', 'Water', 'Care', 'Formats', 'Units', 'Words',
    ];

    /** Of app/, from the top down; a folder names only what stands on its own floor or below. */
    private const FLOORS = [
        ['Http', 'Console', 'Providers'],
        ['Presenters'],
        [
            'Account', 'Backup', 'Bites', 'Choosing', 'Instruments', 'Measuring',
            'Kits', 'Mending', 'Pictures', 'Places', 'Plans', 'Readings', 'Record', 'Repeating',
            'Rules', 'Tackle',
        ],
        ['Rows'],
        ['Models', 'Database'],
        ['Data'],
    ];

    public function test_the_core_stands_alone_and_points_down(): void
    {
        $wrong = [];
        foreach (self::files() as $package => $files) {
            self::assertContains($package, self::ORDER, "core/{$package} has no place in the order");
            foreach ($files as $file) {
                foreach (self::namesIn($file) as $name) {
                    $parts = explode('\\', ltrim($name, '\\'));
                    if ($parts[0] !== 'Eskith') {
                        if (! self::isPhps($name)) {
                            $wrong[] = "{$file} names {$name}";
                        }

                        continue;
                    }
                    $other = $parts[2] ?? '';
                    if (array_search($other, self::ORDER, true) < array_search($package, self::ORDER, true)) {
                        $wrong[] = "{$file} points up to {$name}";
                    }
                    if (in_array('Internal', $parts, true) && $other !== $package) {
                        $wrong[] = "{$file} reaches into {$name}";
                    }
                }
            }
        }
        self::assertSame([], $wrong);
    }

    public function test_no_classes_of_the_core_need_each_other(): void
    {
        self::assertSame([], ClassGraph::of(self::root('core'))->circles());
    }

    public function test_the_application_has_floors(): void
    {
        $floor = static function (string $class): int {
            $folder = explode('\\', $class)[1];
            foreach (self::FLOORS as $floor => $folders) {
                if (in_array($folder, $folders, true)) {
                    return $floor;
                }
            }
            self::fail("app/{$folder} has no place among the floors");
        };
        $graph = ClassGraph::of(self::root('app'));
        self::assertGreaterThan(150, count($graph->names));
        $wrong = [];
        foreach ($graph->names as $class => $others) {
            foreach ($others as $other) {
                if ($floor($other) < $floor($class)) {
                    $wrong[] = "{$class} points up to {$other}";
                }
            }
        }
        self::assertSame([], $wrong);
        // Rows lead to each other both ways; nothing else does.
        $circles = array_filter(
            $graph->circles(),
            static fn (array $circle): bool => array_filter(
                $circle,
                static fn (string $class): bool => ! str_starts_with($class, 'App\\Models\\'),
            ) !== [],
        );
        self::assertSame([], array_values($circles));
    }

    public function test_services_do_not_need_each_other_round_about(): void
    {
        $folders = [];
        foreach (ClassGraph::of(self::root('app'))->names as $class => $others) {
            $folder = explode('\\', $class)[1];
            foreach ($others as $other) {
                $folders[$folder][explode('\\', $other)[1]] = true;
            }
        }
        $wrong = [];
        foreach (self::FLOORS[2] as $one) {
            foreach (array_keys($folders[$one] ?? []) as $other) {
                if ($one < $other && isset($folders[$other][$one])) {
                    $wrong[] = "app/{$one} and app/{$other} need each other";
                }
            }
        }
        self::assertSame([], $wrong);
    }

    public function test_presenters_write_nothing_and_services_draw_nothing(): void
    {
        $wrong = [];
        foreach (self::in(self::root('app/Presenters')) as $file) {
            if (
                preg_match(
                    '/DB::|->(?:save|update|create|delete|upsert|insert|firstOrCreate|updateOrCreate|push)\(/',
                    (string) file_get_contents($file), $found,
                ) === 1
            ) {
                $wrong[] = "{$file} writes: {$found[0]}";
            }
        }
        foreach ([...self::FLOORS[2], ...self::FLOORS[3]] as $folder) {
            foreach (self::in(self::root("app/{$folder}")) as $file) {
                if (preg_match('/(?:App|Eskith.Telling).Data[^b]/', (string) file_get_contents($file)) === 1) {
                    $wrong[] = "{$file} makes what a presenter makes";
                }
            }
        }
        self::assertSame([], $wrong);
    }

    public function test_what_is_told_is_made_of_the_core_and_php(): void
    {
        $wrong = [];
        foreach (self::in(self::root('telling')) as $file) {
            foreach (self::namesIn($file) as $name) {
                if (preg_match('/^\\\\?Eskith\\\\(Core|Telling)\\\\/', $name) !== 1 && ! self::isPhps($name)) {
                    $wrong[] = "{$file} names {$name}";
                }
            }
        }
        self::assertSame([], $wrong);
        self::assertSame([], ClassGraph::of(self::root('telling'))->circles());
    }

    public function test_the_core_reads_no_clock_file_or_environment(): void
    {
        $calls = [
            'time', 'microtime', 'date', 'getenv', 'fopen', 'file_get_contents', 'file_put_contents', 'rand', 'mt_rand',
            'random_int', 'header', 'echo', 'print',
        ];
        $wrong = [];
        foreach (self::files() as $files) {
            foreach ($files as $file) {
                $tokens = array_values(
                    array_filter(
                        PhpToken::tokenize((string) file_get_contents($file)),
                        static fn (PhpToken $token): bool => ! $token->isIgnorable(),
                    ),
                );
                foreach ($tokens as $i => $token) {
                    if ($token->is(T_STRING) && in_array(strtolower($token->text), $calls, true) && ($tokens[$i + 1]->text ?? '') === '('
                        && ! $tokens[$i - 1]->is([T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR, T_DOUBLE_COLON, T_FUNCTION])) {
                        $wrong[] = "{$file} calls {$token->text}()";
                    }
                    if (
                        $token->is([T_ECHO, T_PRINT]) && ! $tokens[$i - 1]->is([T_FUNCTION, T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR])
                    ) {
                        $wrong[] = "{$file} prints";
                    }
                }
            }
        }
        self::assertSame([], $wrong);
    }

    /** @return array<string, list<string>> files by package */
    private static function files(): array
    {
        $root = self::root('core');
        $found = [];
        foreach (self::in($root) as $file) {
            $found[explode('/', substr($file, strlen($root) + 1))[0]][] = $file;
        }
        self::assertGreaterThan(8, count($found));

        return $found;
    }

    private static function root(string $folder): string
    {
        return dirname(__DIR__, 2)."/{$folder}";
    }

    /** @return list<string> files */
    private static function in(string $folder): array
    {
        $files = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
            $files[] = (string) $file;
        }

        return $files;
    }

    /** @return list<string> qualified names used */
    private static function namesIn(string $file): array
    {
        $names = [];
        $tokens = PhpToken::tokenize((string) file_get_contents($file));
        foreach ($tokens as $i => $token) {
            $afterNamespace = ($tokens[$i - 2] ?? null)?->is(T_NAMESPACE) ?? false;
            if (
                $token->is([T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED]) && ! $afterNamespace && ! str_starts_with($token->text, 'Internal\\')
            ) {
                $names[] = $token->text;
            }
        }

        return $names;
    }

    private static function isPhps(string $name): bool
    {
        $name = ltrim($name, '\\');

        return function_exists($name)
            || ((class_exists($name, false) || interface_exists($name, false)) && (new \ReflectionClass($name))->isInternal());
    }
}
