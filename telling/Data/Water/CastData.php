<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Water;

use Eskith\Telling\Data\Picture\PointData;

/** A cast from the side, in metres from the rod. */
final readonly class CastData
{
    /**
     * @param  list<PointData>  $path
     * @param  list<string>  $numbers
     */
    public function __construct(
        public array $path,
        public float $lengthM,
        public float $depthM,
        public string $landsText,
        public string $secondsText,
        public string $aim,
        public array $numbers,
        public string $work,
    ) {
    }
}
