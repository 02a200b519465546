<?php

declare(strict_types=1);

namespace Eskith\Telling\Kept;

/** A rod on board, by its id here and by the one that devices know. */
final readonly class KeptOnBoard
{
    /**
     * @param  int|null  $line  id of the line on its reel
     * @param  int  $worn  fish, snags and rock since its leader was tied
     */
    public function __construct(public int $id, public string $uuid, public ?int $line, public int $worn, public KeptRod $rod)
    {
    }

    public function wearing(int $more): self
    {
        return new self($this->id, $this->uuid, $this->line, max(0, $this->worn + $more), $this->rod);
    }
}
