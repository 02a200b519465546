<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\CommandLine\Fields;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Clarity;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** JSON read field by field: every wrong kind is named with its path. */
final class FieldsTest extends TestCase
{
    public function test_reads_what_is_there(): void
    {
        $fields = Fields::of(
            [
                'n' => 3, 'f' => 0.5, 't' => 'words', 'yes' => true, 'one' => 1, 'c' => 'stained', 'l' => [1, 2],
                'o' => ['x' => 4], 'null' => null,
            ],
        );
        self::assertSame(
            [3.0, 0.5, 'words', true, true, false],
            [
                $fields->number('n'), $fields->number('f'), $fields->text('t'), $fields->flag('yes'), $fields->flag('one'),
                $fields->flag('absent'),
            ],
        );
        self::assertSame(Clarity::Stained, $fields->one(Clarity::class, 'c'));
        self::assertSame([1.0, 2.0], $fields->pair('l'));
        self::assertSame(4.0, $fields->inner('o')->number('x'));
        self::assertSame('o.x', $fields->inner('o')->at('x'));
        self::assertNull($fields->numberOrNull('null'));
        self::assertSame(7.0, $fields->number('absent', 7.0));
        self::assertSame('else', $fields->text('absent', 'else'));
        self::assertSame(Clarity::Clear, $fields->one(Clarity::class, 'absent', Clarity::Clear));
        self::assertNull($fields->oneOrNull(Clarity::class, 'absent'));
        self::assertSame([], $fields->items('absent'));
        self::assertSame(['words', 3.0], [$fields->textOrNumber('t'), $fields->textOrNumber('n')]);
        self::assertSame(3, $fields->whole('n'));
        self::assertFalse($fields->has('null'));
    }

    /** @return iterable<string, array{\Closure(Fields): mixed, string}> */
    public static function wrong(): iterable
    {
        yield 'a number' => [static fn (Fields $f): float => $f->number('t'), '"in.t" must be a number.'];
        yield 'no number at all' => [static fn (Fields $f): float => $f->number('absent'), '"in.absent" must be a number.'];
        yield 'a number as text' => [static fn (Fields $f): float => $f->number('digits'), '"in.digits" must be a number.'];
        yield 'a whole number' => [static fn (Fields $f): int => $f->whole('half'), '"in.half" must be a whole number up to a billion.'];
        yield 'text' => [static fn (Fields $f): string => $f->text('n'), '"in.n" must be text.'];
        yield 'a flag' => [static fn (Fields $f): bool => $f->flag('t'), '"in.t" must be true or false.'];
        yield 'a choice' => [
            static fn (Fields $f): Clarity => $f->one(Clarity::class, 't'), '"in.t" must be one of clear, stained, dirty.',
        ];
        yield 'a choice of the wrong kind' => [
            static fn (Fields $f): Clarity => $f->one(Clarity::class, 'n'), '"in.n" must be one of clear, stained, dirty.',
        ];
        yield 'a list' => [static fn (Fields $f): array => $f->items('t'), '"in.t" must be a list.'];
        yield 'an object for a list' => [static fn (Fields $f): array => $f->items('o'), '"in.o" must be a list.'];
        yield 'a pair of three' => [static fn (Fields $f): array => $f->pair('three'), '"in.three" must be a pair of numbers.'];
        yield 'a pair of words' => [static fn (Fields $f): array => $f->pair('words'), '"in.words" must be a pair of numbers.'];
        yield 'an object' => [static fn (Fields $f): Fields => $f->inner('n'), '"in.n" must be an object.'];
        yield 'text or number' => [
            static fn (Fields $f): string|float => $f->textOrNumber('three'), '"in.three" must be text or a number.',
        ];
    }

    /** @param  \Closure(Fields): mixed  $ask */
    #[DataProvider('wrong')]
    public function test_names_what_is_wrong(\Closure $ask, string $sentence): void
    {
        $fields = Fields::of(
            ['t' => 'words', 'n' => 3, 'half' => 0.5, 'digits' => '12', 'o' => ['x' => 1], 'three' => [1, 2, 3], 'words' => ['a', 'b']],
            'in',
        );
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage($sentence);
        $ask($fields);
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function badCases(): iterable
    {
        $drop = ['family' => 'blade', 'mass_kg' => 0.0142, 'depth_m' => 8, 'line_d_m' => 0.0002, 'water_c' => 6];
        yield 'line without family' => ['line', array_diff_key($drop, ['family' => 0]), 'family'];
        yield 'line too deep' => ['line', [...$drop, 'depth_m' => 151], 'depth_m'];
        yield 'line of rope' => ['line', [...$drop, 'line_d_m' => 0.01], 'line_d_m'];
        yield 'line in steam' => ['line', [...$drop, 'water_c' => 90], 'water_c'];
        yield 'line in a torrent' => ['line', [...$drop, 'current_ms' => 9], 'current_ms'];
        yield 'line behind a speedboat' => ['line', [...$drop, 'boat_ms' => -9], 'boat_ms'];
        yield 'line with a profile nobody knows' => ['line', [...$drop, 'profile' => 'spiral'], 'profile'];
        yield 'fall without attitude' => ['fall', $drop, 'attitude'];
        yield 'fall held fast' => ['fall', [...$drop, 'attitude' => 35, 'control' => 1], 'control'];
        yield 'swing shorter than the depth' => ['swing', [...$drop, 'attitude' => 35, 'cast_m' => 8], 'cast_m'];
        yield 'swing across the lake' => ['swing', [...$drop, 'attitude' => 35, 'cast_m' => 500], 'cast_m'];
        yield 'hang from nowhere' => ['hang', ['hole' => [900, 1], 'balance' => [1, 1]], 'hole'];
        yield 'rates of nothing' => ['rates', ['shape' => 0, 'rate' => 1], 'shape'];
        yield 'lift without strength' => [
            'lift', [...$drop, 'line_break_n' => 0, 'strain_at_break' => 0.03, 'lift_ms' => 0.5], 'line_break_n',
        ];
        yield 'more landed than touched' => ['landed', ['landed' => 3, 'touches' => 2], 'landed'];
        yield 'half a fish' => ['landed', ['landed' => 0.5, 'touches' => 2], 'landed'];
    }

    /** @param  array<string, mixed>  $case */
    #[DataProvider('badCases')]
    public function test_bad_cases_name_their_field(string $verb, array $case, string $field): void
    {
        [$answer] = Cases::ask($verb, [$case], 1);
        self::assertSame($field, $answer['error']['field']);
        self::assertStringEndsWith('.', $answer['error']['message']);
    }
}
