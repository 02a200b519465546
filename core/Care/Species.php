<?php

declare(strict_types=1);

namespace Eskith\Core\Care;

/** A fish that is sought. */
enum Species: string
{
    case Walleye = 'walleye';
    case Sauger = 'sauger';
    case Smallmouth = 'smallmouth';
    case Largemouth = 'largemouth';
    case WhiteBass = 'white_bass';
    case Perch = 'perch';
    case Crappie = 'crappie';
    case Bream = 'bream';

    public function word(): string
    {
        return match ($this) {
            self::Walleye => 'walleye',
            self::Sauger => 'sauger',
            self::Smallmouth => 'smallmouth',
            self::Largemouth => 'largemouth',
            self::WhiteBass => 'white bass',
            self::Perch => 'perch',
            self::Crappie => 'crappie',
            self::Bream => 'bream',
        };
    }
}
