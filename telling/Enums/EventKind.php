<?php

declare(strict_types=1);

namespace Eskith\Telling\Enums;

/**
 * What can be logged with one tap, each defined once: the log, the pads of the Fish station, the record of the day and
 * the archive follow from here.
 */
enum EventKind: string
{
    case Drop = 'drop';
    case Touch = 'touch';
    case Fish = 'fish';
    case Foul = 'foul';
    case Snag = 'snag';
    case Rock = 'rock';
    case Drift = 'drift';
    case Followed = 'followed';
    case Refused = 'refused';

    /** As it stands in the log. */
    public function word(): string
    {
        return match ($this) {
            self::Drop => 'Drop',
            self::Touch => 'Bite',
            self::Fish => 'Fish',
            self::Foul => 'Fouled',
            self::Snag => 'Snagged',
            self::Rock => 'Line on rock',
            self::Drift => 'New drift',
            self::Followed => 'Followed',
            self::Refused => 'Turned away',
        };
    }

    /** Whether a fish had to do with it. */
    public function isBite(): bool
    {
        return match ($this) {
            self::Touch, self::Fish => true,
            self::Drop, self::Foul, self::Snag, self::Rock, self::Drift, self::Followed, self::Refused => false,
        };
    }

    /** What it wears: hooks and leader, the leader alone, or nothing. */
    private function wears(): string
    {
        return match ($this) {
            self::Fish, self::Snag => 'hooks and leader',
            self::Rock => 'leader',
            self::Drop, self::Touch, self::Foul, self::Drift, self::Followed, self::Refused => '',
        };
    }

    /** @return list<self> */
    public static function wearingLeaders(): array
    {
        return array_values(array_filter(self::cases(), static fn (self $kind): bool => str_contains($kind->wears(), 'leader')));
    }

    /** @return list<self> */
    public static function wearingHooks(): array
    {
        return array_values(array_filter(self::cases(), static fn (self $kind): bool => str_contains($kind->wears(), 'hooks')));
    }

    /** @return list<string> names of those that a fish had to do with */
    public static function bites(): array
    {
        return array_column(array_filter(self::cases(), static fn (self $kind): bool => $kind->isBite()), 'value');
    }

    /**
     * Which of a setup's counts it adds to when the record is looked back on.
     *
     * @return list<string> by name as Fishing has them
     */
    public function countsAs(): array
    {
        return match ($this) {
            self::Drop => ['drops'],
            self::Touch => ['touches'],
            self::Fish => ['touches', 'hooked'],
            self::Foul => ['fouls'],
            // A fish seen coming after the lure; the second of them is one that turned away.
            self::Followed => ['seen'],
            self::Refused => ['seen', 'refused'],
            self::Snag, self::Rock, self::Drift => [],
        };
    }

    /** @return list<string> names of those that count for anything there */
    public static function counted(): array
    {
        return array_column(array_filter(self::cases(), static fn (self $kind): bool => $kind->countsAs() !== []), 'value');
    }

    /** Whether the lure can stay down with it. */
    public function canLoseLure(): bool
    {
        return match ($this) {
            self::Fish, self::Snag => true,
            self::Drop, self::Touch, self::Foul, self::Rock, self::Drift, self::Followed, self::Refused => false,
        };
    }

    /** Whether it may be said how the lure flew. */
    public function flies(): bool
    {
        return $this === self::Foul;
    }

    /**
     * What its pad says and the key for it; null for those that have a pad of their own, since they are the commonest or
     * ask for more.
     *
     * @return array{string, string}|null
     */
    public function pad(): ?array
    {
        return match ($this) {
            self::Drop, self::Touch, self::Fish => null,
            self::Foul => ['Foul', 'o'],
            self::Snag => ['Snag', 's'],
            self::Rock => ['Rock', 'r'],
            self::Drift => ['Drift', 'n'],
            self::Followed => ['Followed', 'w'],
            self::Refused => ['Turned', 'x'],
        };
    }
}
