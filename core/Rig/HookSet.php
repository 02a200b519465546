<?php

declare(strict_types=1);

namespace Eskith\Core\Rig;

use Eskith\Core\Units\InvalidInput;

/** Whether a sweep of the rod still drives the hook home: it has first to draw out belly and stretch. Lengths in m. */
final readonly class HookSet
{
    /** N that drive a hook home. Estimate. */
    public const FORCE_N = 9.0;

    /** m that the tip travels in a sweep. Estimate. */
    public const SWEEP_M = 1.2;

    private function __construct(
        public float $stretchM,
        public float $neededM,
        public bool $reaches,
        public float $farthestM,
    ) {
    }

    /**
     * @param  list<Segment>  $segments  from rod to hook
     * @return self farthestM: the length of the first segment at which the sweep is just enough, the others as they are;
     *              0 when those alone are too much
     *
     * @throws InvalidInput when there is no segment, or force or sweep are not above 0, or the belly is below 0
     */
    public static function of(array $segments, float $bellyM, float $forceN = self::FORCE_N, float $sweepM = self::SWEEP_M): self
    {
        if ($segments === []) {
            throw InvalidInput::because('segments', 'Give at least one length of line.');
        }
        foreach (['force_n' => $forceN, 'sweep_m' => $sweepM] as $field => $value) {
            if (! ($value > 0.0)) {
                throw InvalidInput::because($field, 'The force on the hook and the sweep of the rod must be above 0.');
            }
        }
        if ($bellyM < 0.0) {
            throw InvalidInput::because('belly_m', "The belly of the line can't be below 0.");
        }
        $stretch = array_sum(array_map(static fn (Segment $segment): float => $segment->stretchM($forceN), $segments));
        $needed = $stretch + $bellyM;
        $left = $sweepM - ($needed - $segments[0]->stretchM($forceN));

        return new self($stretch, $needed, $needed <= $sweepM, max(0.0, $left / $segments[0]->stretchPerM($forceN)));
    }
}
