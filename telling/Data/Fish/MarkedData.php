<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Fish;

/** A place that was marked today. */
final readonly class MarkedData
{
    /**
     * @param  float|null  $lat  degrees; null where its water has no position
     * @param  float|null  $lon  degrees
     */
    public function __construct(
        public string $uuid,
        public string $word,
        public string $at,
        public ?float $lat,
        public ?float $lon,
    ) {
    }
}
