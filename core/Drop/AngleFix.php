<?php

declare(strict_types=1);

namespace Eskith\Core\Drop;

use Eskith\Core\Drop\Internal\Bisection;
use Eskith\Core\Tackle\Body;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Flow;
use Eskith\Core\Water\Profile;

/** The flow that a leaning line betrays. */
final class AngleFix
{
    /** m/s, fastest flow searched. */
    private const MOST = 3.0;

    /**
     * In still water or a tide: the drift of the boat. In a river: the current at the surface, the boat as it goes.
     *
     * @param  float  $angleDeg  line angle read at the rod, signed like the stretch's own flow; between −85 and 85
     * @return Flow the flow that gives this angle
     *
     * @throws InvalidInput when no flow up to 3 m/s does
     */
    public static function flow(float $angleDeg, Body $body, WaterColumn $column): Flow
    {
        if (! (abs($angleDeg) <= 85)) {
            throw InvalidInput::because('angle', 'Read a line angle between −85° and 85°.');
        }
        $wanted = asinh(tan(deg2rad($angleDeg)));
        $now = $column->flow;
        $flowAt = $now->profile === Profile::River
            ? static fn (float $u): Flow => Flow::of($u, $now->boatMs, Profile::River)
            : static fn (float $u): Flow => Flow::of($now->surfaceMs, $now->surfaceMs - $u);
        $miss = static fn (float $u): float => Lean::of($body, $column->with($flowAt($u)))->psiSurface - $wanted;
        if ($miss(-self::MOST) * $miss(self::MOST) > 0) {
            throw InvalidInput::because('angle', 'No flow that is fished gives this line angle. Read it again.');
        }

        return $flowAt(Bisection::root($miss, -self::MOST, self::MOST));
    }
}
