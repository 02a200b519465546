<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Lure;

use Eskith\Core\Tackle\Family;

/** A lure of the box in short, with its best way today. */
final readonly class RackData
{
    /**
     * @param  list<string>  $holes
     */
    public function __construct(
        public string $key,
        public int $lureId,
        public string $title,
        public float $massKg,
        public Family $family,
        public string $finish,
        public array $holes,
    ) {
    }
}
