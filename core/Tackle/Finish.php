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
