<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Chart;

use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\FoundThere;
use Eskith\Core\Choosing\ShoreSchool;
use Eskith\Core\Choosing\TempBand;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Water\Position;
use Eskith\Core\Water\Relief\Structure;
use Eskith\Core\Water\Season;

/** What of the day and the record turns a part of a bottom into a place to look at. */
final readonly class ChartDay
{
    /** m around a place within which a mark speaks for it. */
    private const NEAR_M = 25.0;

    public ?TempBand $band;

    /**
     * @param  bool  $falling  whether the level of the water falls
     * @param  list<FoundThere>  $found  what is known by marks
     * @param  \Closure(Structure): (bool|null)  $sheltered  whether it lies in the lee; null where nobody knows
     */
    public function __construct(
        ?float $tempC,
        public Species $species,
        public Season $season,
        public bool $falling,
        private array $found,
        public \Closure $sheltered,
        public UnitFormat $say,
        public ShoreSchool $school = ShoreSchool::Lee,
    ) {
        $this->band = $tempC === null ? null : TempBand::of($tempC);
    }

    public function isCold(): bool
    {
        return $this->band?->atMost(TempBand::Cold) === true;
    }

    /** @return list<FoundThere> fish, or snags, that are marked near a place */
    public function near(Position $at, bool $fish): array
    {
        return array_values(array_filter(
            $this->found, static fn (FoundThere $one): bool => $one->fish === $fish && $one->at->distanceTo($at) <= self::NEAR_M,
        ));
    }
}
