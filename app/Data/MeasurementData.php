<?php

declare(strict_types=1);

namespace App\Data;

/** Something measured that replaces an estimate. */
final readonly class MeasurementData
{
    /**
     * @param  'drop'|'hang'|'drift'  $kind
     */
    public function __construct(
        public string $uuid,
        public string $kind,
        public string $title,
        public string $measured,
        public string $estimate,
        public string $method,
        public string $at,
    ) {
    }
}
