<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Subjects;

use Eskith\Core\Tackle\Hole;

/** A lure on one of its holes, as it hangs and falls there; what it weighs and how it looks is not said. */
final readonly class HangFacts
{
    /**
     * @param  list<Hole>  $holes  nose first; none for a lure without
     * @param  int|null  $index  of the hole in use, null for a lure without
     * @param  float|null  $measuredHangDeg  how far the nose hangs down; null where holes and balance were not measured
     * @param  float|null  $secondsToBottom  null when the depth was not read
     */
    public function __construct(public array $holes, public ?int $index, public ?float $measuredHangDeg, public ?float $secondsToBottom)
    {
    }

    /** Of the last hole, toward the tail. */
    public function last(): int
    {
        return count($this->holes) - 1;
    }
}
