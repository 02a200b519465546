<?php

declare(strict_types=1);

namespace Eskith\Telling\Enums;

/** Where the tide of a water is from. */
enum TideFrom: string
{
    case None = 'none';
    case MadeUp = 'made_up';
    case Own = 'own';

    public function word(): string
    {
        return match ($this) {
            self::None => 'no tide',
            self::MadeUp => 'made up, to try it',
            self::Own => 'constants of your own',
        };
    }
}
