<?php

declare(strict_types=1);

namespace Tests\Core;

use PhpParser\Node\Arg;
use PhpParser\Node\Expr\New_;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use PHPUnit\Framework\TestCase;

/** How the code is written down, where no formatter sees to it. */
final class FormTest extends TestCase
{
    private const COLUMNS = 140;

    /** Arguments that a reader can tell apart by their place. */
    private const BY_PLACE = 5;

    public function test_lines_end_before_column_140(): void
    {
        $long = [];
        $code = self::files(['app', 'core', 'telling', 'database', 'routes', 'tests', 'resources/js'], '/\.(?:php|tsx?)$/');
        foreach ([...$code, ...self::files(['bin'], '/(?:audit|bench|eskith|screenshots)$/')] as $file) {
            foreach (file($file, FILE_IGNORE_NEW_LINES) ?: [] as $number => $line) {
                if (mb_strlen($line) > self::COLUMNS) {
                    $long[] = "{$file}:".($number + 1);
                }
            }
        }
        self::assertSame([], $long);
    }

    public function test_many_arguments_of_a_constructor_are_named(): void
    {
        $parser = (new ParserFactory)->createForHostVersion();
        $unnamed = [];
        $found = 0;
        foreach (self::files(['app', 'core', 'telling', 'database'], '/\.php$/') as $file) {
            foreach ((new NodeFinder)->findInstanceOf($parser->parse((string) file_get_contents($file)) ?? [], New_::class) as $new) {
                $found++;
                $given = array_filter($new->args, static fn (mixed $arg): bool => $arg instanceof Arg && ! $arg->unpack);
                $byPlace = array_filter($given, static fn (Arg $arg): bool => $arg->name === null);
                if (count($given) > self::BY_PLACE && $byPlace !== []) {
                    $unnamed[] = "{$file}:{$new->getStartLine()}";
                }
            }
        }
        self::assertGreaterThan(200, $found);
        self::assertSame([], $unnamed);
    }

    /**
     * @param  list<string>  $folders
     * @return list<string>
     */
    private static function files(array $folders, string $pattern): array
    {
        $files = [];
        foreach ($folders as $folder) {
            $all = new \RecursiveDirectoryIterator(dirname(__DIR__, 2)."/{$folder}", \FilesystemIterator::SKIP_DOTS);
            foreach (new \RecursiveIteratorIterator($all) as $file) {
                if (preg_match($pattern, (string) $file) === 1) {
                    $files[] = (string) $file;
                }
            }
        }

        return $files;
    }
}
