<?php

declare(strict_types=1);

namespace Eskith\Core\Drop;

use Eskith\Core\Drop\Internal\GaussLegendre;
use Eskith\Core\Tackle\Attitude;
use Eskith\Core\Tackle\Body;
use Eskith\Core\Units\InvalidInput;

/** A cast lure let down with the bail closed: it swings in on a line of fixed length and lands nearer. */
final readonly class Swing
{
    private function __construct(
        private float $castM,
        private float $toM,
        private float $fromM,
        public float $landsM,
        public float $pulledInM,
        public float $seconds,
    ) {
    }

    /**
     * @param  float  $castM  line from rod to lure as it lands on the water, longer than the depth
     *
     * @throws InvalidInput when the cast is shorter than the water is deep, or over 200 m
     */
    public static function of(Body $body, Attitude $attitude, WaterColumn $column, float $castM): self
    {
        $depth = $column->toM;
        if (! ($castM > $depth)) {
            throw InvalidInput::because(
                'cast_m',
                'The cast is shorter than the depth, so it never swings to bottom. Cast farther or open the bail.',
            );
        }
        if ($castM > 200.0) {
            throw InvalidInput::because('cast_m', 'A cast is at most 200 m (660 ft).');
        }
        $density = $column->water->densityKgM3;
        $weight = $body->netWeightN($column->water);
        $plate = $attitude->dragFalling * $body->areaM2;
        $own = sqrt(2 * $weight / ($density * $plate));
        $line = WaterColumn::cylinderDrag($own / 2, $column->lineDiameterM, $column->water) * $column->lineDiameterM * $castM / 4;
        $speed = sqrt(2 * $weight / ($density * ($plate + $line)));
        $integral = GaussLegendre::integrate(
            static fn (float $p): float => 2 * $p / sqrt(sin($p * $p)),
            sqrt(M_PI_2 - asin($depth / $castM)), sqrt(M_PI_2),
        );
        $lands = sqrt($castM * $castM - $depth * $depth);

        return new self(
            castM: $castM,
            toM: $depth,
            fromM: $column->fromM,
            landsM: $lands,
            pulledInM: $castM - $lands,
            seconds: $castM / $speed * $integral,
        );
    }

    /**
     * The way in, an arc about the rod tip.
     *
     * @return list<LinePoint> metres out from the rod, metres above the bottom
     */
    public function path(int $steps = 24): array
    {
        $last = asin($this->toM / $this->castM);

        return array_map(fn (int $i): LinePoint => new LinePoint(
            $this->castM * cos($last * $i / $steps),
            $this->fromM + $this->toM - $this->castM * sin($last * $i / $steps),
        ), range(0, $steps));
    }
}
