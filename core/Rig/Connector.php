<?php

declare(strict_types=1);

namespace Eskith\Core\Rig;

/** What joins the line to the lure. */
enum Connector: string
{
    case Direct = 'direct';
    case Ring = 'ring';
    case Snap = 'snap';
    case Swivel = 'swivel';

    public function word(): string
    {
        return match ($this) {
            self::Direct => 'tied direct',
            self::Ring => 'split ring',
            self::Snap => 'small snap',
            self::Swivel => 'snap and swivel',
        };
    }

    /** What anglers choose it for. */
    public function trades(): string
    {
        return match ($this) {
            self::Direct => 'most control',
            self::Ring => 'hangs up less, wags freely',
            self::Snap => 'hangs up less, wags freely, is changed quickly',
            self::Swivel => 'keeps the line from twisting, adds weight',
        };
    }

    /** N at which a usual small one opens; null for none. Typical. */
    public function typicalBreakN(): ?float
    {
        return match ($this) {
            self::Direct => null,
            self::Ring => 130.0,
            self::Snap => 90.0,
            self::Swivel => 110.0,
        };
    }
}
