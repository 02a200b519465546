<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Water;

use Eskith\Telling\Enums\MeasurementKind;

/** Something measured that replaces an estimate. */
final readonly class MeasurementData
{
    public function __construct(
        public string $uuid,
        public MeasurementKind $kind,
        public string $title,
        public string $measured,
        public string $estimate,
        public string $method,
        public string $at,
    ) {
    }
}
