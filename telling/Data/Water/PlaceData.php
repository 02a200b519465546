<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Water;

/** A water with its spots. */
final readonly class PlaceData
{
    /**
     * @param  list<SpotData>  $spots
     */
    public function __construct(
        public string $water,
        public array $spots,
    ) {
    }
}
