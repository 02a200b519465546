<?php

declare(strict_types=1);

namespace Eskith\Core\Tackle;

/** Two schools of what to do with the hooks that a lure came with. */
enum FactoryHooks: string
{
    case Replaced = 'replaced';
    case Kept = 'kept';

    public function other(): self
    {
        return $this === self::Replaced ? self::Kept : self::Replaced;
    }

    public function says(): string
    {
        return match ($this) {
            self::Replaced => 'Factory hooks: sharpen or replace them before the first drop, as many do.',
            self::Kept => 'Keep factory hooks while they are sharp. Touch each point to a nail: one that slides is dull.',
        };
    }

    /** As it stands beside the other. */
    public function inShort(): string
    {
        return match ($this) {
            self::Replaced => 'Others sharpen or replace them at once.',
            self::Kept => 'Others leave them on while they are sharp.',
        };
    }
}
