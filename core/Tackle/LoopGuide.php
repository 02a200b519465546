<?php

declare(strict_types=1);

namespace Eskith\Core\Tackle;

use Eskith\Core\Units\InvalidInput;

/** Swapping a split ring for a braided loop, so that the hook can turn: lengths from the old ring. */
final readonly class LoopGuide
{
    /** Braid to cut for the smallest and the largest ring, cm. */
    private const BRAID_CM = [60.0, 95.0];

    /** Rings that are swapped, mm across. */
    private const RING_MM = [3.0, 12.0];

    /** @param  list<string>  $steps */
    private function __construct(public float $braidCm, public int $strengthLb, public float $loopMm, public array $steps)
    {
    }

    /**
     * @param  float  $ringMm  outside of the old split ring
     *
     * @throws InvalidInput outside 3 to 12 mm
     */
    public static function forRing(float $ringMm): self
    {
        [$least, $most] = self::RING_MM;
        if (! ($ringMm >= $least && $ringMm <= $most)) {
            throw InvalidInput::because('ring', 'A split ring on such a lure is 3 to 12 mm across; measure the outside.');
        }
        $share = ($ringMm - $least) / ($most - $least);
        $braid = round(self::BRAID_CM[0] + $share * (self::BRAID_CM[1] - self::BRAID_CM[0]));
        $strength = $ringMm < 6 ? 30 : ($ringMm < 9 ? 40 : 50);
        $loop = round(M_PI * $ringMm / 2, 1);
        $ring = rtrim(rtrim(number_format($ringMm, 1), '0'), '.');

        return new self($braid, $strength, $loop, [
            'Put on eye protection and take the old hook off with ring pliers.',
            "Cut {$braid} cm of {$strength} lb braid and double it.",
            "Pass the doubled end through the lure's eye and the eye of the hook, around a rod-shaped spacer {$ring} mm thick.",
            "Pull it through itself: the loop stands {$loop} mm from eye to eye.",
            'Tie two overhand knots, one on the other, wetted and drawn down hard.',
            'Slide the spacer out, trim to 3 mm and just singe the ends, outdoors or in a clear place, away from fuel.',
            'See that the hook turns freely and reaches neither the line nor the other hook.',
        ]);
    }
}
