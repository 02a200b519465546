<?php

declare(strict_types=1);

namespace Eskith\Telling\Kept;

use Eskith\Telling\Enums\MeasurementKind;

/**
 * Something that was measured in place of an estimate, as it is kept. Its value: of a drop the falling drag coefficient, of a hang
 * reading the angle in degrees, of a drift the drift over the wind, of a start the tip travel over the reckoned one.
 */
final readonly class Measured
{
    /** @param  MeasurementKind|null  $kind  null for one that is not known */
    public function __construct(
        public string $uuid,
        public ?MeasurementKind $kind,
        public ?int $lure,
        public ?string $hole,
        public float $value,
        public string $method,
        public ?string $at,
    ) {
    }

    /** Whether it can be. */
    public function holds(): bool
    {
        return $this->kind !== null && $this->kind->holds($this->value, $this->lure);
    }
}
