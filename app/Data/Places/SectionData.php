<?php

declare(strict_types=1);

namespace App\Data\Places;

/** The bottom below a line: m along it and m deep as it stands now; null where nothing is known. */
final readonly class SectionData
{
    /**
     * @param  list<float>  $along
     * @param  list<float|null>  $depths
     * @param  list<list<float>>  $walls  from and to, m along it, and degrees on the whole
     * @param  list<LedgeData>  $ledges
     */
    public function __construct(
        public string $sentence,
        public string $words,
        public string $line,
        public float $lengthM,
        public array $along,
        public array $depths,
        public float $deepM,
        public array $walls,
        public array $ledges,
        public float $standM,
        public string $fish,
    ) {
    }
}
