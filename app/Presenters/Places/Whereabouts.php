<?php

declare(strict_types=1);

namespace App\Presenters\Places;

use App\Models\Water;
use App\Rows\Placing;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Water\Position;
use Eskith\Core\Water\WindFrom;
use Eskith\Core\Words\Words;
use Eskith\Telling\Water\Distance;

/** Where something of a water is, in words: so far and which way from the nearest spot. */
final readonly class Whereabouts
{
    /** m within which it is at the spot. */
    private const AT_M = 12.0;

    /** @param  list<array{string, Position}>  $spots */
    private function __construct(private array $spots, private UnitFormat $say)
    {
    }

    public static function on(Water $water, UnitFormat $say): self
    {
        $spots = [];
        foreach ($water->spots as $spot) {
            $at = Placing::spot($spot);
            if ($at !== null) {
                $spots[] = [$spot->name, $at];
            }
        }

        return new self($spots, $say);
    }

    /** "at North bar", "200 ft east of North bar"; '' while no spot is placed. */
    public function of(Position $at): string
    {
        $nearest = null;
        foreach ($this->spots as [$name, $spot]) {
            $away = $spot->distanceTo($at);
            if ($nearest === null || $away < $nearest[0]) {
                $nearest = [$away, $name, $spot];
            }
        }
        if ($nearest === null) {
            return '';
        }

        return $nearest[0] <= self::AT_M
            ? Words::of('at {place}', place: $nearest[1])
            : Words::of(
                '{away} {direction} of {place}',
                away: $this->far($nearest[0]), direction: WindFrom::near($nearest[2]->bearingTo($at))->word(), place: $nearest[1],
            );
    }

    /** A distance as one says it: to two figures. */
    public function far(float $metres): string
    {
        return Distance::say($metres, $this->say);
    }
}
