<?php

declare(strict_types=1);

namespace Eskith\Telling\Kept;

use Eskith\Telling\Enums\EventKind;

/** An event of the day: what, on what, and when, in s since the epoch. */
final readonly class KeptEvent
{
    /**
     * @param  string  $kind  value of an EventKind; a newer version may have others
     * @param  bool  $landed  a fish that was
     * @param  bool  $lost  whether the lure stayed down with it
     * @param  bool  $stands  false where it was taken back, or became part of another
     * @param  string|null  $became  uuid of the fish that this touch was
     */
    public function __construct(
        public string $uuid,
        public string $kind,
        public int $setup,
        public ?float $at,
        public bool $landed,
        public bool $lost,
        public bool $stands,
        public ?string $became,
    ) {
    }

    public function isBite(): bool
    {
        return $this->stands && EventKind::tryFrom($this->kind)?->isBite() === true;
    }

    public function wearsLeader(): bool
    {
        return in_array(EventKind::tryFrom($this->kind), EventKind::wearingLeaders(), true);
    }

    /** The same, told otherwise. */
    public function with(?float $at = null, ?bool $lost = null, ?bool $stands = null, ?string $became = null): self
    {
        return new self(
            uuid: $this->uuid, kind: $this->kind, setup: $this->setup, at: $at ?? $this->at, landed: $this->landed,
            lost: $lost ?? $this->lost, stands: $stands ?? $this->stands, became: $became,
        );
    }
}
