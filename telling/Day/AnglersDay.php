<?php

declare(strict_types=1);

namespace Eskith\Telling\Day;

use Eskith\Telling\Kept\CurrentSpot;
use Eskith\Telling\Kept\KeptEvent;
use Eskith\Telling\Kept\KeptPause;
use Eskith\Telling\Kept\KeptSetup;

/** The outings of an angler's day with what was tied on in them, in one look; and one of them in view. */
final readonly class AnglersDay
{
    /** Of what its lists are made. */
    public const LISTS = ['setups' => KeptSetup::class, 'events' => KeptEvent::class, 'pauses' => KeptPause::class];

    /** h that belong to today, for a night's fishing too. */
    public const HOURS = 18.0;

    /**
     * @param  list<KeptSetup>  $setups  of all outings of the day, in the order they were tied on
     * @param  list<KeptEvent>  $events  of these: all bites, and of a device whatever else was logged there
     * @param  list<KeptPause>  $pauses  of these outings
     * @param  int|null  $outing  id of the one in view; null between outings
     * @param  string  $uuid  by which devices know it; '' between outings
     * @param  string  $place  where that is now, as it is called; '' between outings
     * @param  int|null  $spot  id of the spot where it is now; null between outings, or at no spot of the angler's own
     * @param  OnTheRod|null  $inHand  what is on the rod in hand; null while nothing is
     */
    public function __construct(
        public ?int $rodInHand,
        public array $setups,
        public array $events,
        public array $pauses,
        public ?int $outing,
        public string $uuid,
        public string $place,
        public ?int $spot,
        public ?OnTheRod $inHand,
    ) {
    }

    /** Where one fishes, or would: as it is called. */
    public function placeOr(?CurrentSpot $here): string
    {
        return $this->outing !== null ? $this->place : $here->place ?? 'Today';
    }

    /** With another outing in view, and what is on the rod in hand there. */
    public function in(int $outing, string $uuid, string $place, ?int $spot, ?OnTheRod $inHand): self
    {
        return new self(
            rodInHand: $this->rodInHand, setups: $this->setups, events: $this->events, pauses: $this->pauses, outing: $outing,
            uuid: $uuid, place: $place, spot: $spot, inHand: $inHand,
        );
    }

    /** With another rod in hand, and what is on it. */
    public function holding(?int $rod, ?OnTheRod $on): self
    {
        return new self(
            rodInHand: $rod, setups: $this->setups, events: $this->events, pauses: $this->pauses, outing: $this->outing,
            uuid: $this->uuid, place: $this->place, spot: $this->spot, inHand: $on,
        );
    }

    /**
     * With other lists.
     *
     * @param  list<KeptSetup>|null  $setups  null for those there are
     * @param  list<KeptEvent>|null  $events
     * @param  list<KeptPause>|null  $pauses
     */
    public function listing(?array $setups = null, ?array $events = null, ?array $pauses = null): self
    {
        return new self(
            rodInHand: $this->rodInHand, setups: $setups ?? $this->setups, events: $events ?? $this->events,
            pauses: $pauses ?? $this->pauses, outing: $this->outing, uuid: $this->uuid, place: $this->place, spot: $this->spot,
            inHand: $this->inHand,
        );
    }

    /** Whether the outing in view is the one that a device calls so. */
    public function isOf(?string $uuid): bool
    {
        return $this->outing !== null && $uuid === $this->uuid;
    }

    public function setup(int $id): ?KeptSetup
    {
        foreach ($this->setups as $setup) {
            if ($setup->id === $id) {
                return $setup;
            }
        }

        return null;
    }

    public function event(string $uuid): ?KeptEvent
    {
        foreach ($this->events as $event) {
            if ($event->uuid === $uuid) {
                return $event;
            }
        }

        return null;
    }

    /** @return array<int, KeptSetup> what is on each rod in the outing in view, by the rod; 0 for none */
    public function onTheRods(): array
    {
        $on = [];
        foreach ($this->setups as $setup) {
            if ($setup->outing === $this->outing) {
                $on[(int) $setup->rod] = $setup;
            }
        }

        return array_filter($on, static fn (KeptSetup $setup): bool => $setup->untilAt === null);
    }
}
