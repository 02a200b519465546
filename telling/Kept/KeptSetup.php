<?php

declare(strict_types=1);

namespace Eskith\Telling\Kept;

/** What was tied on in an outing of the day, as it is kept; moments in s since the epoch. */
final readonly class KeptSetup
{
    /**
     * @param  int|null  $lure  null for other bait
     * @param  string|null  $finish  of the lure
     * @param  float|null  $untilAt  when it came off; null where that is not said
     * @param  float|null  $endedAt  when its outing ended; null while that goes on
     */
    public function __construct(
        public int $id,
        public string $uuid,
        public int $outing,
        public ?int $rod,
        public ?int $lure,
        public ?string $hole,
        public string $cadence,
        public ?int $spot,
        public ?string $finish,
        public ?float $tiedAt,
        public ?float $untilAt,
        public ?float $endedAt,
    ) {
    }

    /** The same on the same rod, fished at another spot from a moment on. */
    public function goingOn(int $id, string $uuid, ?int $spot, float $at): self
    {
        return new self(
            id: $id,
            uuid: $uuid,
            outing: $this->outing,
            rod: $this->rod,
            lure: $this->lure,
            hole: $this->hole,
            cadence: $this->cadence,
            spot: $spot,
            finish: $this->finish,
            tiedAt: $at,
            untilAt: null,
            endedAt: $this->endedAt,
        );
    }

    /** Come off, or its outing ended. */
    public function over(?float $untilAt, ?float $endedAt): self
    {
        return new self(
            id: $this->id,
            uuid: $this->uuid,
            outing: $this->outing,
            rod: $this->rod,
            lure: $this->lure,
            hole: $this->hole,
            cadence: $this->cadence,
            spot: $this->spot,
            finish: $this->finish,
            tiedAt: $this->tiedAt,
            untilAt: $untilAt,
            endedAt: $endedAt,
        );
    }
}
