<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/** What the fish feed on here. */
enum Food: string
{
    case Perch = 'perch';
    case Sunfish = 'sunfish';
    case GoldenShiner = 'golden_shiner';
    case Shad = 'shad';
    case Alewife = 'alewife';
    case Goby = 'goby';

    public function word(): string
    {
        return match ($this) {
            self::Perch => 'perch',
            self::Sunfish => 'sunfish',
            self::GoldenShiner => 'golden shiner',
            self::Shad => 'shad',
            self::Alewife => 'alewife',
            self::Goby => 'goby',
        };
    }
}
