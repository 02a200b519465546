<?php

declare(strict_types=1);

namespace Eskith\Core\Tackle;

/** The finishes that the rules know; an angler may name others. */
enum Finish: string
{
    case Silver = 'silver';
    case Gold = 'gold';
    case White = 'white';
    case Chartreuse = 'chartreuse';
    case Perch = 'perch';
    case Natural = 'natural';
    case Black = 'black';
    case BlackWhite = 'black_white';
    case Pink = 'pink';
    case Red = 'red';

    /**
     * Whether gold is seen: as the finish, or added to another.
     *
     * @param  list<Accent>  $accents
     */
    public static function showsGold(string $finish, array $accents): bool
    {
        return $finish === self::Gold->value || in_array(Accent::Gold, $accents, true);
    }

    /** As said in the boat; the angler's own names are said as they are. */
    public static function word(string $finish): string
    {
        return match ($finish) {
            self::Perch->value => 'perch pattern',
            self::BlackWhite->value => 'black and white',
            default => str_replace('_', ' ', $finish),
        };
    }
}
