<?php

declare(strict_types=1);

namespace App\Data\Tackle;

use Eskith\Core\Tackle\Family;
use Eskith\Telling\Data\Picture\LureDrawing;

/** A lure in the tackle box. */
final readonly class LureData
{
    public function __construct(
        public int $id,
        public string $uuid,
        public string $title,
        public string $details,
        public LureDrawing $drawing,
        public Family $family,
        public string $weight,
        public string $finish,
        public bool $red,
        public int $quantity,
        public int $lost,
        public bool $buyAgain,
        public bool $retired,
        public string $notes,
        public int $version,
        /** Of a usual dozen, and not yet said to be one's own. */
        public bool $usual,
    ) {
    }
}
