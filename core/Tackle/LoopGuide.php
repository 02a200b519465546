<?php

declare(strict_types=1);

namespace Eskith\Core\Tackle;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Unit;
use Eskith\Core\Words\Words;

/** Swapping a split ring for a braided loop, so that the hook can turn: lengths from the inside of the old ring. */
final readonly class LoopGuide
{
    /** Insides of rings that are swapped, mm across. */
    private const RING_MM = [2.0, 11.0];

    /** Braid to cut for one hook, and for both of a lure from the smallest ring to the largest, m: hands need it, the ends are trimmed. */
    private const FOR_ONE_M = 0.35;

    private const FOR_BOTH_M = [0.60, 0.75];

    /** Braid for a loop holds at least so many times as much as the main line. */
    public const TIMES_THE_LINE = 2;

    /**
     * @param  float  $braidM  for both hooks of a lure
     * @param  float  $roundMm  of the finished loop
     * @param  list<string>  $steps
     */
    private function __construct(public float $braidM, public float $roundMm, public array $steps)
    {
    }

    /**
     * @param  float  $insideMm  inside of the old split ring
     * @param  string  $strength  what the braid has to hold, in words, "40 lb"; '' where the main line is not known
     * @param  Unit  $unit  in which lengths are told
     *
     * @throws InvalidInput outside 2 to 11 mm
     */
    public static function forRing(float $insideMm, string $strength = '', Unit $unit = Unit::Centimetre): self
    {
        [$least, $most] = self::RING_MM;
        if (! ($insideMm >= $least && $insideMm <= $most)) {
            throw InvalidInput::because('ring', 'A split ring here is 2 to 11 mm inside. Measure it there.');
        }
        [$short, $long] = self::FOR_BOTH_M;
        $braid = $short + ($long - $short) * ($insideMm - $least) / ($most - $least);
        $both = round($unit->fromSi($braid));
        $one = round($unit->fromSi(self::FOR_ONE_M));
        $ring = rtrim(rtrim(number_format($insideMm, 1), '0'), '.');
        $holds = $strength === ''
            ? 'at least twice as strong as the main line'
            : Words::of('at least twice as strong as the main line, so {strength} or more', strength: $strength);

        return new self($braid, round(M_PI * $insideMm, 1), [
            'Put on eye protection and take the old hooks off with ring pliers.',
            Words::of(
                'Cut {both} {symbol} of braid for both hooks, {one} for one, {holds}, and double it.',
                both: $both, symbol: $unit->symbol(), one: $one, holds: $holds,
            ),
            Words::of(
                'Pass the doubled end through both eyes, around a spacer {ring} mm thick. The old ring was that wide inside.',
                ring: $ring,
            ),
            'Pull it through itself and draw it down on the spacer.',
            'Tie two overhand knots, one on the other, wetted and drawn down hard.',
            'Trim short and just singe the ends, outdoors or in a clear place, away from fuel.',
            'Draw the spacer out last.',
            'See that the hook turns freely and reaches neither the line nor the other hook.',
        ]);
    }
}
