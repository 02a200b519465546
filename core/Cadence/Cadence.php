<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence;

use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Units\Constants;

/** The ways to work a lure, in the order of the rule base. */
enum Cadence: string
{
    case ShortPop = 'short_pop';
    case HighPop = 'high_pop';
    case LowHop = 'low_hop';
    case ClockSweep = 'clock_sweep';
    case DeadStick = 'dead_stick';
    case SteadyLift = 'steady_lift';
    case FlutterDrop = 'flutter_drop';
    case HandFeed = 'hand_feed';
    case SlowRoll = 'slow_roll';
    case WallFall = 'wall_fall';
    case RideTheTide = 'ride_the_tide';
    case Float = 'float';
    case TallRise = 'tall_rise';

    public function word(): string
    {
        return $this === self::DeadStick ? 'dead-stick' : str_replace('_', ' ', $this->value);
    }

    /** Lures of one sort can be worked alike. */
    public static function sort(Lure $lure): string
    {
        return $lure->family->value.($lure->isVibe() ? ' vibe' : '').(self::floats($lure) ? ' light' : '');
    }

    /** @return array<int, self> those that a lure can be worked by, by their place in the order */
    public static function fitting(Lure $lure, bool $vertical): array
    {
        return array_filter(self::cases(), static fn (self $cadence): bool => $cadence->fits($lure, $vertical));
    }

    /** Whether this lure can be worked so; hangs on its sort alone. */
    public function fits(Lure $lure, bool $vertical): bool
    {
        $blade = $lure->family === Family::Blade;

        return match ($this) {
            self::ShortPop, self::HighPop => $blade && $vertical,
            self::LowHop, self::DeadStick => $blade,
            self::ClockSweep, self::SlowRoll => $blade && ! $vertical,
            self::SteadyLift, self::TallRise => $lure->isSpoon() && $vertical,
            self::FlutterDrop => $lure->isSpoon(),
            self::HandFeed => $lure->family === Family::Spoon && $vertical,
            self::WallFall => $lure->family === Family::TailSpinner,
            self::RideTheTide => $lure->isVibe() && ! $vertical,
            self::Float => $blade && $vertical && self::floats($lure),
        };
    }

    private static function floats(Lure $lure): bool
    {
        return $lure->atMost(3 / 8 * Constants::OUNCE_KG);
    }

    /** What it is, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::ShortPop => 'Steep and short, back to the bottom every time; let out a hand or two more line when the bottom is missed.',
            self::HighPop => 'Well off the bottom, then slowly down again: for active fish and reaction bites.',
            self::LowHop => 'Just until it vibrates: for sluggish fish, slick calm and cold.',
            self::ClockSweep => 'Cast; raise the rod from one clock position to another, let it fall, reel the slack.',
            self::DeadStick => 'Still on the bottom with a tiny hop now and then; watch the belly of the line.',
            self::SteadyLift => 'From the bottom, line taut, one even rise as high as rod and arm go, then free to slack.',
            self::FlutterDrop => 'Lift, and follow it down with a little slack.',
            self::HandFeed => "Arm's lengths of line by hand, for marks straight below.",
            self::SlowRoll => 'A steady slow retrieve just over rock or weed.',
            self::WallFall => 'Down the wall, a little lift, down again, close to the rock.',
            self::RideTheTide => 'Open bail and the smallest hops, past the poles.',
            self::Float => 'A light blade fluttering down through suspended fish.',
            self::TallRise => 'Like the steady lift, but faster and far up the water.',
        };
    }

    /** Whether there are repeats to count; what is reeled without a stop has none. */
    public function hasNumbers(): bool
    {
        return $this !== self::SlowRoll;
    }

    /** What one repeat consists of, as first tried. */
    public function steps(): Steps
    {
        return match ($this) {
            self::ShortPop => new Steps(0.30, 0.4, FallControl::Controlled, 1.0),
            self::HighPop => new Steps(0.90, 1.0, FallControl::Controlled, 1.0),
            self::LowHop => new Steps(0.09, 0.3, FallControl::Controlled, 2.0),
            self::ClockSweep => new Steps(1.20, 1.5, FallControl::Controlled, 1.0),
            self::DeadStick => new Steps(0.05, 0.3, FallControl::Controlled, 20.0),
            self::SteadyLift => new Steps(3.40, 5.5, FallControl::Free, 1.0),
            self::FlutterDrop => new Steps(0.60, 0.8, FallControl::Slack, 1.0),
            self::HandFeed => new Steps(0.60, 1.0, FallControl::ByHand, 1.0),
            self::SlowRoll => new Steps(0.0, 0.0, FallControl::None, 0.0),
            self::WallFall => new Steps(0.10, 0.4, FallControl::Free, 0.5),
            self::RideTheTide => new Steps(0.03, 0.3, FallControl::Free, 3.0),
            self::Float => new Steps(0.30, 0.8, FallControl::Slack, 0.0),
            self::TallRise => new Steps(3.00, 4.0, FallControl::Free, 1.0),
        };
    }
}
