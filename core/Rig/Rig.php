<?php

declare(strict_types=1);

namespace Eskith\Core\Rig;

use Eskith\Core\Units\Constants;

/** Rod, line, leader and connector as they are put together. Lengths in m. */
final readonly class Rig
{
    /** m from the tip at the water to the arm overhead, beside the rod's own length. Estimate. */
    private const ARM_M = 1.1;

    /** kg that a usual rod lifts. */
    public const LIFTS_KG = 1.0;

    /** A fish that is swung in pulls this many times its weight. Estimate. */
    private const SWUNG = 1.5;

    /**
     * @param  Line|null  $leader  null when the main line goes to the lure
     * @param  float  $leaderM  its length
     * @param  float  $rodM  length of the rod
     * @param  float  $liftsKg  what the rod lifts
     */
    public function __construct(
        public Line $line,
        public ?Line $leader,
        public float $leaderM,
        public Connector $connector,
        public float $rodM,
        public float $liftsKg = self::LIFTS_KG,
    ) {
    }

    /** The same with other parts. */
    public function with(?Line $line = null, ?Line $leader = null, ?Connector $connector = null, ?float $rodM = null): self
    {
        return new self(
            line: $line ?? $this->line,
            leader: $leader ?? $this->leader,
            leaderM: $leader !== null && $this->leader === null ? 1.5 : $this->leaderM,
            connector: $connector ?? $this->connector,
            rodM: $rodM ?? $this->rodM,
            liftsKg: $this->liftsKg,
        );
    }

    /** The same with the main line to the lure. */
    public function straight(Line $line): self
    {
        return new self(
            line: $line,
            leader: null,
            leaderM: 0.0,
            connector: $this->connector,
            rodM: $this->rodM,
            liftsKg: $this->liftsKg,
        );
    }

    /** A knot sits at both ends of a leader, and on the main line where one is tied to it. */
    public function chain(): Chain
    {
        $opens = $this->connector->typicalBreakN();

        return Chain::of([
            Part::of($this->leader === null ? 'knot at the lure' : 'knot to the leader', $this->line->breakN, true),
            ...($this->leader === null ? [] : [Part::of('leader knot', $this->leader->breakN, true)]),
            ...($opens === null ? [] : [Part::of($this->connector->word(), $opens)]),
        ]);
    }

    /** @param  float  $lineOutM  from rod to lure */
    public function hookSet(float $lineOutM, float $bellyM): HookSet
    {
        $leader = min($this->leaderM, 0.9 * $lineOutM);

        return HookSet::of(
            $this->leader === null
                ? [$this->line->segment($lineOutM)]
                : [$this->line->segment($lineOutM - $leader), $this->leader->segment($leader)],
            $bellyM,
        );
    }

    /** m that rod and arm lift from the water. */
    public function liftReachM(): float
    {
        return $this->rodM + self::ARM_M;
    }

    /** kg of fish up to which one is swung in; heavier ones are netted. */
    public function swingsKg(): float
    {
        return min($this->chain()->holdsN / Constants::GRAVITY, $this->liftsKg) / self::SWUNG;
    }
}
