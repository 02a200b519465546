<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Lure;

use Eskith\Telling\Data\Water\GhostData;

/** Two picks point by point, with their drops. */
final readonly class CompareData
{
    /**
     * @param  string  $verdict  who leads, by how much and by what
     * @param  list<ContrastData>  $contrasts  the weightiest first
     * @param  string  $alike  what counts alike for both
     */
    public function __construct(
        public string $firstKey,
        public string $secondKey,
        public string $firstTitle,
        public string $secondTitle,
        public string $firstPoints,
        public string $secondPoints,
        public string $verdict,
        public array $contrasts,
        public string $alike,
        public GhostData $ghost,
    ) {
    }
}
