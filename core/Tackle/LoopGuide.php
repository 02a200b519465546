<?php

declare(strict_types=1);

namespace Eskith\Core\Tackle;

use Eskith\Core\Units\InvalidInput;

/** Swapping a split ring for a braided loop, so that the hook can turn: lengths from the inside of the old ring. */
final readonly class LoopGuide
{
    /** Insides of rings that are swapped, mm across. */
    private const RING_MM = [2.0, 11.0];

    /** A cut is so many times the loop's round, and a hand's breadth to tie with, mm. */
    private const ROUNDS = 6;

    private const HAND_MM = 100.0;

    /** Braid for a loop holds at least so many times as much as the main line. */
    public const TIMES_THE_LINE = 2;

    /** @param  list<string>  $steps */
    private function __construct(public float $braidCm, public float $roundMm, public array $steps)
    {
    }

    /**
     * @param  float  $insideMm  inside of the old split ring
     * @param  string  $strength  what the braid has to hold, in words, "40 lb"; '' where the main line is not known
     *
     * @throws InvalidInput outside 2 to 11 mm
     */
    public static function forRing(float $insideMm, string $strength = ''): self
    {
        [$least, $most] = self::RING_MM;
        if (! ($insideMm >= $least && $insideMm <= $most)) {
            throw InvalidInput::because('ring', 'A split ring on such a lure is 2 to 11 mm across on the inside; measure it there.');
        }
        $round = M_PI * $insideMm;
        $braid = ceil((self::ROUNDS * $round + self::HAND_MM) / 10);
        $ring = rtrim(rtrim(number_format($insideMm, 1), '0'), '.');
        $holds = 'at least twice as strong as the main line'.($strength === '' ? '' : ", so {$strength} or more");

        return new self($braid, round($round, 1), [
            'Put on eye protection and take the old hooks off with ring pliers.',
            "For each hook cut {$braid} cm of braid {$holds}, and double it.",
            "Pass the doubled end through the lure's eye and the eye of the hook, round a spacer {$ring} mm thick: as thick as "
                .'the old ring was on the inside.',
            'Pull it through itself and draw it down on the spacer.',
            'Tie two overhand knots, one on the other, wetted and drawn down hard.',
            'Trim to 3 mm and just singe the ends, outdoors or in a clear place, away from fuel.',
            'Draw the spacer out last.',
            'See that the hook turns freely and reaches neither the line nor the other hook.',
        ]);
    }
}
