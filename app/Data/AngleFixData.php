<?php

declare(strict_types=1);

namespace App\Data;

/** What a leaning line tells. */
final readonly class AngleFixData
{
    /**
     * @param  list<string>  $ways
     * @param  'drift'|'current'  $name  the reading this sets
     * @param  list<string>  $weights
     * @param  list<string>  $lines
     */
    public function __construct(
        public string $headline,
        public array $ways,
        public string $name,
        public string $text,
        public array $weights,
        public array $lines,
    ) {
    }
}
