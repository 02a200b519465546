<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Sensitivity;

use Eskith\Core\Choosing\Reading;
use Eskith\Core\Tackle\Lure;

/** Where a reading tips the choice: beyond this measure, or at this choice, that lure comes on top. */
final readonly class TippingPoint
{
    /**
     * @param  float|string  $at  SI for a measure: the last value at which it has not tipped yet
     * @param  float|string  $past  the nearest value at which it has
     * @param  bool|null  $above  whether it tips above or below; null for a choice
     */
    public function __construct(
        public Reading $reading, public float|string $at, public float|string $past, public ?bool $above, public Lure $lure,
    ) {
    }
}
