<?php

declare(strict_types=1);

namespace Eskith\Core\Rig;

use Eskith\Core\Drop\RestingLine;
use Eskith\Core\Drop\WaterColumn;
use Eskith\Core\Tackle\Body;
use Eskith\Core\Units\InvalidInput;

/**
 * How much of a lift the line swallows before the lure feels the rod: the belly that is drawn straight and the stretch.
 * An estimate to compare lines by. Lengths in m, tensions in N.
 */
final readonly class LostLift
{
    private function __construct(
        public float $tensionRestN,
        public float $tensionLiftN,
        public float $bellyM,
        public float $stretchM,
        public float $lostM,
    ) {
    }

    /**
     * @param  float  $breakN  break strength of the line, N
     * @param  float  $strainAtBreak  braid 0.035, fluorocarbon 0.22, monofilament 0.26 (estimates)
     * @param  float  $liftMs  speed of the lift
     *
     * @throws InvalidInput when the line does not reach the bottom or a figure is not positive
     */
    public static function of(Body $body, WaterColumn $column, float $breakN, float $strainAtBreak, float $liftMs): self
    {
        self::demand($breakN, $strainAtBreak, $liftMs);
        $line = RestingLine::of($body, $column);
        if ($line->offsetM === null || $line->tensionN === null) {
            throw InvalidInput::because('depth_m', 'In this flow the line never reaches bottom, so no lift counts.');
        }
        $water = $column->water;
        $chord = hypot($column->toM, $line->offsetM);
        $lift = $line->netWeightN + 0.5 * $water->densityKgM3 * $body->family->definition()->dragLifted * $body->areaM2 * $liftMs * $liftMs;
        $rest = $line->tensionN;
        $across = $column->dragPerM * $column->flow->rms() ** 2 * ($column->toM / $chord) ** 2;
        $belly = $across ** 2 * $chord ** 3 / 24 * (1 / $rest ** 2 - 1 / $lift ** 2);
        $stretched = $chord * ($lift - $rest) * $strainAtBreak / $breakN;

        return new self($rest, $lift, $belly, $stretched, $belly + $stretched);
    }

    /**
     * At the end of a cast, the lure lying on the bottom and the line held straight with half of its weight (estimate).
     *
     * @param  WaterColumn  $column  its flow runs across the line; still water makes no belly
     * @param  float  $lineM  from rod to lure, at least the depth
     *
     * @throws InvalidInput when the line is shorter than the water is deep or a figure is not positive
     */
    public static function ofCast(
        Body $body, WaterColumn $column, float $lineM, float $breakN, float $strainAtBreak, float $liftMs,
    ): self {
        self::demand($breakN, $strainAtBreak, $liftMs);
        $weight = $body->netWeightN($column->water);
        $lift = $weight + 0.5 * $column->water->densityKgM3 * $body->family->definition()->dragLifted * $body->areaM2 * $liftMs * $liftMs;

        return self::alongCast($body, $column, $lineM, $breakN, $strainAtBreak, $lift);
    }

    /**
     * What a strike at the end of a cast must take in before the hook feels it.
     *
     * @param  float  $forceN  that drives the hook
     *
     * @throws InvalidInput as above
     */
    public static function ofStrike(
        Body $body, WaterColumn $column, float $lineM, float $breakN, float $strainAtBreak, float $forceN,
    ): self {
        self::demand($breakN, $strainAtBreak, $forceN);

        return self::alongCast($body, $column, $lineM, $breakN, $strainAtBreak, $forceN);
    }

    /** Whether a lure at the end of a cast does not lie still: the water across takes the line along, and the lure with it. */
    public static function isSwept(Body $body, WaterColumn $column, float $lineM): bool
    {
        return $column->dragPerM * $column->flow->rms() ** 2 * $lineM > $body->netWeightN($column->water);
    }

    /** @throws InvalidInput */
    private static function alongCast(
        Body $body, WaterColumn $column, float $lineM, float $breakN, float $strainAtBreak, float $tensionN,
    ): self {
        if (! ($lineM >= $column->depthM)) {
            throw InvalidInput::because('line_m', 'The line must be at least as long as the water is deep.');
        }
        $rest = $body->netWeightN($column->water) / 2;
        $across = $column->dragPerM * $column->flow->rms() ** 2;
        $belly = $across ** 2 * $lineM ** 3 / 24 * (1 / $rest ** 2 - 1 / $tensionN ** 2);
        $stretched = $lineM * ($tensionN - $rest) * $strainAtBreak / $breakN;

        return new self($rest, $tensionN, $belly, $stretched, $belly + $stretched);
    }

    /** The same, measured at the rod to be so many times what was reckoned. */
    public function times(float $factor): self
    {
        return new self(
            $this->tensionRestN, $this->tensionLiftN, $factor * $this->bellyM, $factor * $this->stretchM, $factor * $this->lostM,
        );
    }

    /** @throws InvalidInput */
    private static function demand(float $breakN, float $strainAtBreak, float $liftMs): void
    {
        foreach (['line_break_n' => $breakN, 'strain_at_break' => $strainAtBreak, 'lift_ms' => $liftMs] as $field => $value) {
            if (! ($value > 0.0)) {
                throw InvalidInput::because($field, 'Break strength, strain and lift speed must be above 0.');
            }
        }
    }
}
