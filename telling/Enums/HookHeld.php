<?php

declare(strict_types=1);

namespace Eskith\Telling\Enums;

/** Which hook held a fish. */
enum HookHeld: string
{
    case Front = 'front';
    case Rear = 'rear';
    case Stinger = 'stinger';

    public function word(): string
    {
        return $this === self::Stinger ? 'stinger' : "{$this->value} hook";
    }

    /** As one of several that are chosen from. */
    public function short(): string
    {
        return $this->value;
    }
}
