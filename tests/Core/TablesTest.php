<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Console\Tables;
use PHPUnit\Framework\TestCase;

/** The tables of the documentation are what the core rests on: a figure that was changed by mistake is seen there. */
final class TablesTest extends TestCase
{
    public function test_the_tables_say_what_is_defined(): void
    {
        $kept = explode("\n", (string) file_get_contents(Tables::path()));
        $said = explode("\n", Tables::text());

        self::assertSame([], array_diff($said, $kept), 'Run php artisan types.');
        self::assertSame($said, $kept, 'Run php artisan types.');
    }

    public function test_rules_kinds_and_figures_are_all_there(): void
    {
        $text = Tables::text();

        foreach (
            [
                '| F1 | Blades are for cold water: best below 10 °C, poor above 15.5 °C. | 3 |',
                '### Cadence/Cadence', '- **short_pop**: ', 'liftRange [0.15, 0.3]',
                '| Care/Cautions | JACKET_C 15 | °C of water below which a life jacket is worn. |',
            ] as $line
        ) {
            self::assertStringContainsString($line, $text);
        }
        self::assertGreaterThan(200, substr_count($text, "\n| "), 'rules and figures');
        self::assertStringNotContainsString(' ? ', $text);
    }
}
