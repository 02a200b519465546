<?php

declare(strict_types=1);

namespace App\Rows;

use Eskith\Core\Choosing\TempBand;
use Illuminate\Support\Carbon;

/** An outing as the record looks at it. */
final readonly class FishedOuting
{
    /** @param  int  $end  s since the epoch, as the start */
    public function __construct(
        public int $id,
        public string $uuid,
        public string $place,
        public ?string $water,
        public string $species,
        public ?float $tempC,
        public int $start,
        public int $end,
    ) {
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
