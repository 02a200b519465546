<?php

declare(strict_types=1);

namespace Eskith\Telling\Kept;

use DateTimeInterface;

/** How the outing under way goes. */
final readonly class Pace
{
    /** h: of less, fish an hour say nothing. */
    private const LEAST_H = 0.5;

    /**
     * @param  float  $startedAt  s since the epoch
     * @param  int  $landed  fish
     * @param  float|null  $dropEveryS  s from drop to drop of the rod in hand; null while there are too few
     */
    public function __construct(public float $startedAt, public int $landed, public ?float $dropEveryS)
    {
    }

    public function fishPerHour(DateTimeInterface $now): float
    {
        return $this->landed / max(self::LEAST_H, ((float) $now->format('U.u') - $this->startedAt) / 3600);
    }

    /** With so many more landed. */
    public function landing(int $more): self
    {
        return new self($this->startedAt, max(0, $this->landed + $more), $this->dropEveryS);
    }

    /** With something else on the rod in hand: its drops are counted anew. */
    public function anew(): self
    {
        return new self($this->startedAt, $this->landed, null);
    }
}
