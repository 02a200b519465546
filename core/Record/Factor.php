<?php

declare(strict_types=1);

namespace Eskith\Core\Record;

use Eskith\Core\Words\Words;

/** What was fished differently, and may be why: each defined once. */
enum Factor: string
{
    case Hole = 'hole';
    case Finish = 'finish';
    case Weight = 'weight';
    case Family = 'family';
    case Cadence = 'cadence';
    case Speed = 'speed';
    case Depth = 'depth';
    case Rod = 'rod';
    case Line = 'line';
    case Leader = 'leader';
    case Hooks = 'hooks';
    case Hang = 'hang';

    public function word(): string
    {
        return match ($this) {
            self::Hole => 'hole',
            self::Finish => 'finish',
            self::Weight => 'weight',
            self::Family => 'family',
            self::Cadence => 'cadence',
            self::Speed => 'lift',
            self::Depth => 'depth',
            self::Rod => 'rod',
            self::Line => 'line',
            self::Leader => 'leader',
            self::Hooks => 'hook setup',
            self::Hang => 'ring or loop',
        };
    }

    /** One of its levels within a sentence: "the middle hole", "white". */
    public function named(string $level): string
    {
        return match ($this) {
            self::Hole => Words::of('the {level} hole', level: $level),
            self::Rod => Words::of('the {level}', level: $level),
            self::Leader => Words::of('a leader of {level}', level: $level),
            self::Hooks => Words::of('hooks {level}', level: $level),
            self::Hang => Words::of('hooks on a {level}', level: $level),
            self::Speed => Words::of('lifts {level}', level: $level),
            self::Depth => Words::of('depths {level}', level: $level),
            self::Finish, self::Weight, self::Family, self::Cadence, self::Line => $level,
        };
    }

    /** Whether it may be why a fish touches; otherwise it matters for what stays on. */
    public function isSeen(): bool
    {
        return match ($this) {
            self::Hooks, self::Hang => false,
            self::Hole, self::Finish, self::Weight, self::Family, self::Cadence, self::Speed, self::Depth, self::Rod, self::Line,
            self::Leader => true,
        };
    }
}
