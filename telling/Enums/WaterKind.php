<?php

declare(strict_types=1);

namespace Eskith\Telling\Enums;

use Eskith\Core\Water\Profile;

/** What a water is, each defined once: its word, and how its water moves. */
enum WaterKind: string
{
    case Lake = 'lake';
    case Reservoir = 'reservoir';
    case Quarry = 'quarry';
    case River = 'river';
    case Harbour = 'harbour';

    public function word(): string
    {
        return match ($this) {
            self::Lake => 'lake',
            self::Reservoir => 'reservoir',
            self::Quarry => 'quarry',
            self::River => 'river',
            self::Harbour => 'harbour or tidal water',
        };
    }

    public function profile(): Profile
    {
        return $this === self::River ? Profile::River : Profile::Uniform;
    }
}
