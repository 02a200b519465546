<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Agreement with cases computed by brute-force integration: 0.2 %, angles 0.1°, lengths and times 2 mm or 2 ms, rates 0.001. */
final class DropCasesTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, mixed>, array<string, mixed>}> */
    public static function cases(): iterable
    {
        $file = Cases::file('drop-cases');
        $verbs = ['static_line' => 'line', 'fall' => 'fall', 'taut_swing' => 'swing', 'lost_lift' => 'lift', 'landed_share' => 'landed'];
        foreach ($verbs as $group => $verb) {
            foreach ($file[$group] as $i => ['case' => $case, 'expect' => $expect]) {
                yield "{$verb} {$i}" => [$verb, $case, $expect];
            }
        }
        foreach ($file['catch_rate']['quantiles'] as $i => $row) {
            yield "rates {$i}" => [
                'rates', ['shape' => $row['shape'], 'rate' => $row['rate']], array_diff_key($row, ['shape' => 0, 'rate' => 0]),
            ];
        }
        foreach ($file['catch_rate']['better'] as $i => $row) {
            yield "better {$i}" => ['rates', ['a' => $row['a'], 'b' => $row['b']], ['p_a_better' => $row['p_a_better']]];
        }
    }

    /**
     * @param  array<string, mixed>  $case
     * @param  array<string, mixed>  $expect
     */
    #[DataProvider('cases')]
    public function test_agrees_with_brute_force(string $verb, array $case, array $expect): void
    {
        [$answer] = Cases::ask($verb, [$case]);

        self::assertSame(array_keys($expect), array_keys($answer));
        foreach ($expect as $key => $value) {
            if (is_bool($value)) {
                self::assertSame($value, $answer[$key], $key);

                continue;
            }
            $tolerance = match (true) {
                str_ends_with($key, '_deg') => 0.1,
                $verb === 'rates' || $verb === 'landed' => 0.001,
                $verb !== 'lift' && (str_ends_with($key, '_m') || $key === 'seconds') => max(0.002, abs($value) * 0.002),
                default => abs($value) * 0.002,
            };
            self::assertEqualsWithDelta($value, $answer[$key], $tolerance, $key);
        }
    }
}
