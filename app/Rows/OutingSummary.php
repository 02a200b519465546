<?php

declare(strict_types=1);

namespace App\Rows;

use Eskith\Core\Choosing\TempBand;
use Illuminate\Support\Carbon;

/** An outing as the record looks at it, or the part of it that was fished at one water. */
final readonly class OutingSummary
{
    /**
     * @param  string  $key  by which it is told from the other parts of its outing
     * @param  int  $end  s since the epoch, as the start
     * @param  float  $from  what happened from then on until the other is of it: without a bound at the ends of the outing
     */
    public function __construct(
        public int $id,
        public string $uuid,
        public string $key,
        public string $place,
        public ?string $water,
        public string $species,
        public ?float $tempC,
        public int $start,
        public int $end,
        private float $from,
        private float $until,
    ) {
    }

    /** Whether what happened in its outing at a moment, s since the epoch, is of it. */
    public function has(float $at): bool
    {
        return $at >= $this->from && $at < $this->until;
    }

    public function band(): ?TempBand
    {
        return $this->tempC === null ? null : TempBand::of($this->tempC);
    }

    public function year(): int
    {
        return (int) Carbon::createFromTimestamp($this->start)->format('Y');
    }
}
