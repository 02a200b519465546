<?php

declare(strict_types=1);

namespace App\Data;

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
        public string $family,
        public string $finish,
        public array $holes,
    ) {
    }
}
