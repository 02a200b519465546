<?php

declare(strict_types=1);

namespace Eskith\Telling\Enums;

use Eskith\Core\Words\Words;

/** Which hook held a fish. */
enum HookHeld: string
{
    case Front = 'front';
    case Rear = 'rear';
    case Stinger = 'stinger';

    public function word(): string
    {
        return $this === self::Stinger ? 'stinger' : Words::of('{value} hook', value: $this->value);
    }

    /** As one of several that are chosen from. */
    public function short(): string
    {
        return $this->value;
    }
}
