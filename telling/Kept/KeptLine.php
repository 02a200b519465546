<?php

declare(strict_types=1);

namespace Eskith\Telling\Kept;

/** A line as it is kept: name and kind as typed, m, N. */
final readonly class KeptLine
{
    /** @param  bool  $inUse  on the reel */
    public function __construct(
        public int $id, public string $name, public string $kind, public float $diameterM, public float $breakN, public bool $inUse,
    ) {
    }

    public function onTheReel(bool $is): self
    {
        return new self(
            id: $this->id, name: $this->name, kind: $this->kind, diameterM: $this->diameterM, breakN: $this->breakN, inUse: $is,
        );
    }
}
