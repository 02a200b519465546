<?php

declare(strict_types=1);

namespace Tests\Core;

use PhpToken;
use PHPUnit\Framework\TestCase;

/** The core names nothing outside itself and PHP, and its packages depend only downward. */
final class ArchitectureTest extends TestCase
{
    /** From the top down. */
    private const ORDER = ['CommandLine', 'Record', 'Choosing', 'Cadence', 'Rig', 'Drop', 'Balance', 'Tackle', 'Water', 'Care', 'Formats', 'Units'];

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

    public function test_the_core_reads_no_clock_file_or_environment(): void
    {
        $calls = ['time', 'microtime', 'date', 'getenv', 'fopen', 'file_get_contents', 'file_put_contents', 'rand', 'mt_rand', 'random_int', 'header', 'echo', 'print'];
        $wrong = [];
        foreach (self::files() as $files) {
            foreach ($files as $file) {
                $tokens = array_values(array_filter(PhpToken::tokenize((string) file_get_contents($file)), static fn (PhpToken $token): bool => ! $token->isIgnorable()));
                foreach ($tokens as $i => $token) {
                    if ($token->is(T_STRING) && in_array(strtolower($token->text), $calls, true) && ($tokens[$i + 1]->text ?? '') === '('
                        && ! $tokens[$i - 1]->is([T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR, T_DOUBLE_COLON, T_FUNCTION])) {
                        $wrong[] = "{$file} calls {$token->text}()";
                    }
                    if ($token->is([T_ECHO, T_PRINT]) && ! $tokens[$i - 1]->is([T_FUNCTION, T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR])) {
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
        $root = dirname(__DIR__, 2).'/core';
        $found = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            $found[explode('/', substr((string) $file, strlen($root) + 1))[0]][] = (string) $file;
        }
        self::assertGreaterThan(8, count($found));

        return $found;
    }

    /** @return list<string> qualified names used */
    private static function namesIn(string $file): array
    {
        $names = [];
        $tokens = PhpToken::tokenize((string) file_get_contents($file));
        foreach ($tokens as $i => $token) {
            $afterNamespace = ($tokens[$i - 2] ?? null)?->is(T_NAMESPACE) ?? false;
            if ($token->is([T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED]) && ! $afterNamespace && ! str_starts_with($token->text, 'Internal\\')) {
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
