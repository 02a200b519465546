<?php

declare(strict_types=1);

namespace Eskith\Core\Care;

use Eskith\Core\Units\UnitSet;

/** What of the day calls for care. Null means: not read, and nothing is said of it. */
final readonly class Circumstances
{
    /**
     * @param  float|null  $waterC  °C
     * @param  float|null  $depthM  m
     * @param  float|null  $windMs  m/s
     * @param  string|null  $waterName  of the water fished, where it is known
     * @param  string  $protected  fish that may not be sought here, in the angler's words
     * @param  string  $localRules  in the angler's words
     * @param  bool  $onFoot  from a bank, a wall or in the water
     */
    public function __construct(
        public UnitSet $units,
        public ?float $waterC = null,
        public ?float $depthM = null,
        public ?float $windMs = null,
        public bool $weir = false,
        public bool $ice = false,
        public ?Species $sought = null,
        public ?string $waterName = null,
        public string $protected = '',
        public string $localRules = '',
        public bool $onFoot = false,
    ) {
    }
}
