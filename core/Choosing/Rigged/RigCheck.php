<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Rigged;

use Eskith\Core\Choosing\Situation;

/** What is checked of a rig before it is tied, in the order in which it is told. */
enum RigCheck: string
{
    case Start = 'start';
    case HookSet = 'hook_set';
    case Strength = 'strength';
    case Fouling = 'fouling';
    case Reach = 'reach';
    case Rod = 'rod';
    case Reel = 'reel';
    case Icing = 'icing';
    case Twist = 'twist';
    case Landing = 'landing';
    case Weight = 'weight';
    case Hooks = 'hooks';
    case Care = 'care';

    /** Whether it has anything to say: a cast lure does not hang straight down, and one among fish that hang does not lie. */
    public function speaks(Situation $situation): bool
    {
        return match ($this) {
            self::Weight => $situation->vertical(),
            self::Start => $situation->vertical() || $situation->onBottom(),
            self::HookSet, self::Strength, self::Fouling, self::Reach, self::Rod, self::Reel, self::Icing, self::Twist, self::Landing,
            self::Hooks, self::Care => true,
        };
    }

    public function word(): string
    {
        return match ($this) {
            self::Start => 'starts',
            self::HookSet => 'hooks',
            self::Strength => 'holds',
            self::Fouling => 'fouls',
            self::Reach => 'lifts',
            self::Rod => 'rod',
            self::Reel => 'reel',
            self::Icing => 'ice',
            self::Twist => 'twist, coils',
            self::Landing => 'swing or net',
            self::Weight => 'stays down',
            self::Hooks => 'hook setup',
            self::Care => 'line care',
        };
    }

    /** What is wrong where it is, in a list: "2 things to mend: worn leader and icing." */
    public function fault(): string
    {
        return match ($this) {
            self::Start => 'lost lift',
            self::HookSet => 'soft hooksets',
            self::Strength => 'strength',
            self::Fouling => 'fouling',
            self::Reach => 'short lift',
            self::Rod => 'rod',
            self::Reel => 'reel',
            self::Icing => 'icing',
            self::Twist => 'twist',
            self::Landing => 'landing',
            self::Weight => 'too light',
            self::Hooks => 'hooks',
            self::Care => 'worn leader',
        };
    }

    /** Whether a rig is called good only once this was checked: air is read where there is frost, the rest always. */
    public function decides(): bool
    {
        return $this !== self::Icing;
    }
}
