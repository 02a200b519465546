<?php

declare(strict_types=1);

namespace Eskith\Telling\Enums;

/** What a picture can belong to, each defined once; it goes with what it belongs to. */
enum PictureOf: string
{
    case Fish = 'event';
    case Lure = 'lure';
    case Place = 'spot';

    public function word(): string
    {
        return match ($this) {
            self::Fish => 'fish',
            self::Lure => 'lure',
            self::Place => 'spot',
        };
    }

    /** Of an angler's things of that kind. */
    public function table(): string
    {
        return "{$this->value}s";
    }

    /** That leads a picture to what it belongs to. */
    public function link(): string
    {
        return "{$this->value}_id";
    }
}
