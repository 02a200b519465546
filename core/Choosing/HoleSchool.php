<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** Two schools of the line hole. */
enum HoleSchool: string
{
    case MiddleFirst = 'middle-first';
    case LevelLift = 'level-lift';

    public function word(): string
    {
        return match ($this) {
            self::MiddleFirst => 'middle-first',
            self::LevelLift => 'level-lift',
        };
    }
}
