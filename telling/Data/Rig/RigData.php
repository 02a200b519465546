<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Rig;

/** The rig with a lure on it, checked. */
final readonly class RigData
{
    /**
     * @param  string  $weakest  the part that breaks first
     * @param  list<FindingData>  $findings
     * @param  list<OtherRigData>  $others
     * @param  list<ReachData>  $reaches
     * @param  float  $marked  today's depth, or a usual cast, as a share of the farthest that is drawn
     * @param  list<string>  $diameters
     * @param  list<LossData>  $losses
     * @param  float|null  $lineOutM  from rod to lure; null where it is not known
     */
    public function __construct(
        public string $headline,
        public string $starts,
        public string $hooksTo,
        public string $holds,
        public string $weakest,
        public array $findings,
        public array $others,
        public array $reaches,
        public float $marked,
        public array $diameters,
        public array $losses,
        public string $assumed,
        public ?float $lineOutM,
        public float $leaderM,
        public string $line,
        public string $leader,
        public string $connector,
        public bool $worn,
        public bool $cast,
        public RigHooksData $hooks,
    ) {
    }
}
