<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Lure;

use Eskith\Telling\Data\Picture\DropData;
use Eskith\Telling\Data\Picture\LureDrawing;

/** A lure with hole and cadence, what it scores and what its drop looks like. */
final readonly class PickData
{
    /**
     * @param  list<ReasonData>  $reasons
     * @param  list<WayData>  $ways
     * @param  list<string>  $cadenceSteps  one repeat, in words
     * @param  list<string>  $otherSchools  what others would do with it, a sentence each
     * @param  list<StepData>  $ladder  what to change first, second, third
     */
    public function __construct(
        public string $key,
        public int $lureId,
        public float $massKg,
        public ?string $hole,
        public string $cadence,
        public string $title,
        public string $subtitle,
        public string $spoken,
        public LureDrawing $drawing,
        public ?int $holeIndex,
        public float $points,
        public string $pointsText,
        public array $reasons,
        public array $ways,
        public DropData $drop,
        public string $cadenceWord,
        public array $cadenceSteps,
        public array $ladder,
        public array $otherSchools,
    ) {
    }
}
