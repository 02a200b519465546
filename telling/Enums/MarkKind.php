<?php

declare(strict_types=1);

namespace Eskith\Telling\Enums;

/** What a mark marks, each defined once: its word, and what its pad says where one tap makes it. */
enum MarkKind: string
{
    case Fish = 'fish';
    case Snag = 'snag';
    case Edge = 'edge';
    case Patch = 'patch';
    case Rock = 'rock';
    case Bottom = 'bottom';
    case Place = 'place';

    public function word(): string
    {
        return match ($this) {
            self::Fish => 'fish',
            self::Snag => 'snag',
            self::Edge => 'edge',
            self::Patch => 'patch of fish',
            self::Rock => 'rock',
            self::Bottom => 'bottom',
            self::Place => 'place',
        };
    }

    /** Null for those that are marked on the chart only. */
    public function pad(): ?string
    {
        return match ($this) {
            self::Fish => 'Fish',
            self::Snag => 'Snag',
            self::Edge => 'Edge',
            self::Patch => 'Patch',
            self::Rock, self::Bottom, self::Place => null,
        };
    }

    /** Whether fish were there. */
    public function isFish(): bool
    {
        return $this === self::Fish || $this === self::Patch;
    }

    /** @return list<self> */
    public static function pads(): array
    {
        return array_values(array_filter(self::cases(), static fn (self $kind): bool => $kind->pad() !== null));
    }
}
