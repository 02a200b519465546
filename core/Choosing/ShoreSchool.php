<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** Which shore comes first in a wind. */
enum ShoreSchool: string
{
    case Lee = 'lee';
    case Windward = 'windward';

    public function other(): self
    {
        return $this === self::Lee ? self::Windward : self::Lee;
    }

    /** What speaks for a place that lies in the lee, or does not. */
    public function reason(bool $lee): ?string
    {
        return match (true) {
            $lee => $this === self::Lee ? 'in the lee now' : null,
            default => $this === self::Windward ? 'the wind pushes bait onto it' : null,
        };
    }

    /** As it is told beside the list. */
    public function says(): string
    {
        return match ($this) {
            self::Lee => 'Lee first: easier to fish',
            self::Windward => 'Windward shore first: bait is pushed there',
        };
    }

    /** As it stands beside the other. */
    public function inShort(): string
    {
        return match ($this) {
            self::Lee => 'Lee-first: easier to fish',
            self::Windward => 'Windward-first: bait is pushed there',
        };
    }
}
