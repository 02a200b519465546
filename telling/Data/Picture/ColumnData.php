<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Picture;

use Eskith\Core\Water\Bottom;

/** The water the drop hangs in. */
final readonly class ColumnData
{
    /**
     * @param  list<TickData>  $ticks
     * @param  list<TouchData>  $touches
     */
    public function __construct(
        public string $place,
        public float $depthM,
        public string $depthText,
        public ?Bottom $bottom,
        public bool $wall,
        public string $windText,
        public float $windMs,
        public string $currentText,
        public bool $vertical,
        public SonarData $sonar,
        public array $ticks,
        public array $touches,
        /** m above the bottom at which fish hang; null where they sit on it. */
        public ?float $fishM,
        public string $fishText,
        public bool $onFoot,
    ) {
    }
}
