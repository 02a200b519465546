<?php

declare(strict_types=1);

namespace Eskith\Telling\Enums;

/** How soundings came in. */
enum SurveySource: string
{
    case Hand = 'hand';
    case File = 'file';
    case Instruments = 'instruments';

    public function word(): string
    {
        return match ($this) {
            self::Hand => 'by hand',
            self::File => 'from a file',
            self::Instruments => 'recorded',
        };
    }
}
