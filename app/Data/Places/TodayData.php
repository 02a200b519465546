<?php

declare(strict_types=1);

namespace App\Data\Places;

/** Light and tide of the day at a place, and what is said of the weather. */
final readonly class TodayData
{
    /**
     * @param  list<SpanData>  $light  night where what is empty
     * @param  list<float>  $tide  heights from the first to the last moment of the day, evenly
     * @param  list<TurnData>  $turns
     * @param  list<SpanData>  $worth  hours that are worth most, with why
     * @param  array<string, string>  $proposes  readings that the forecast has, as they would be typed
     */
    public function __construct(
        public string $from,
        public string $to,
        public ?string $sunrise,
        public ?string $sunset,
        public array $light,
        public array $tide,
        public array $turns,
        public string $runs,
        public array $worth,
        public string $sky,
        public ?string $lightNow,
        public string $forecast,
        public array $proposes,
    ) {
    }
}
