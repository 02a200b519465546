<?php

declare(strict_types=1);

namespace Eskith\Telling\Enums;

/** Where, or by what, a fish was lost. */
enum LostAt: string
{
    case Boat = 'boat';
    case Jump = 'jump';
    case Line = 'line';
    case Hook = 'hook';

    public function word(): string
    {
        return match ($this) {
            self::Boat => 'at boat or bank',
            self::Jump => 'on a jump',
            self::Line => 'the line broke',
            self::Hook => 'the hook came out',
        };
    }
}
