<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** Two schools of how hard to work a lure in cold water. */
enum VigourSchool: string
{
    case BarelyMove = 'barely-move';
    case SnapAwake = 'snap-awake';

    public function word(): string
    {
        return match ($this) {
            self::BarelyMove => 'barely-move',
            self::SnapAwake => 'snap-awake',
        };
    }
}
