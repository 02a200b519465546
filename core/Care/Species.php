<?php

declare(strict_types=1);

namespace Eskith\Core\Care;

/** A fish that is sought. Of the later ones little is known: what is said of any fish is said of them, and no rule names them. */
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
    case LakeTrout = 'lake_trout';
    case StripedBass = 'striped_bass';
    case Pike = 'pike';
    case Catfish = 'catfish';
    case Snapper = 'snapper';

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
            self::LakeTrout => 'lake trout',
            self::StripedBass => 'striped bass',
            self::Pike => 'pike',
            self::Catfish => 'catfish',
            self::Snapper => 'snapper',
        };
    }
}
