<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Water;

/** What a leaning line tells. */
final readonly class AngleFixData
{
    /**
     * @param  list<string>  $ways
     * @param  array<string, string>  $texts  the readings this sets
     * @param  string  $words  the same said: "the current to 0.6 mph"
     * @param  list<string>  $weights
     * @param  list<string>  $lines
     */
    public function __construct(
        public string $headline,
        public array $ways,
        public array $texts,
        public string $words,
        public array $weights,
        public array $lines,
    ) {
    }
}
