<?php

declare(strict_types=1);

namespace Eskith\Core\Care;

/** Where the hook held a fish. */
enum HeldIn: string
{
    case Lip = 'lip';
    case Inside = 'inside';
    case Outside = 'outside';

    public function word(): string
    {
        return match ($this) {
            self::Lip => 'in the lip',
            self::Inside => 'hooked deep',
            self::Outside => 'foul-hooked',
        };
    }

    /** What to mind with a fish held so; '' where nothing is. */
    public function care(): string
    {
        return match ($this) {
            self::Lip => '',
            self::Inside => 'Hooked deep: cut the hook or the leader, do not pull. Bleeding gills seldom heal.',
            self::Outside => 'Foul-hooked: many waters want it let go. Check the local rules.',
        };
    }

    /** As one of several that are chosen from. */
    public function short(): string
    {
        return match ($this) {
            self::Lip => 'lip',
            self::Inside => 'deep',
            self::Outside => 'outside',
        };
    }
}
