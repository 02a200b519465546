<?php

declare(strict_types=1);

namespace Eskith\Telling\Enums;

/** Where in the drop a bite came. */
enum BitePhase: string
{
    case FirstFall = 'first_fall';
    case Fall = 'fall';
    case Rest = 'rest';
    case Lift = 'lift';
    case Swim = 'swim';

    public function word(): string
    {
        return match ($this) {
            self::FirstFall => 'on the first fall',
            self::Fall => 'on the fall',
            self::Rest => 'at rest',
            self::Lift => 'as it lifted',
            self::Swim => 'while it swam',
        };
    }

    /** As one of several that are chosen from. */
    public function short(): string
    {
        return match ($this) {
            self::FirstFall => 'first fall',
            self::Fall => 'fall',
            self::Rest => 'at rest',
            self::Lift => 'lift',
            self::Swim => 'swim',
        };
    }
}
