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
    case SlowPull = 'slow_pull';

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
    public static function fitting(Lure $lure, WorkedWhere $where): array
    {
        /** @var array<string, array<int, array<int, self>>> $known */
        static $known = [];

        return $known[self::sort($lure)][$where->key()] ??= array_filter(
            self::cases(), static fn (self $cadence): bool => $cadence->fits($lure, $where),
        );
    }

    /** Whether this lure can be worked so there; of the lure its sort alone counts. */
    public function fits(Lure $lure, WorkedWhere $where): bool
    {
        $blade = $lure->family->hangs();
        $vertical = $where->vertical;

        return match ($this) {
            self::ShortPop => $blade && $where->onBottom && ($vertical || $where->startling),
            self::HighPop => $blade && $vertical,
            self::LowHop, self::DeadStick => $blade && $where->onBottom,
            self::ClockSweep, self::SlowPull => $blade && ! $vertical && $where->onBottom,
            self::SlowRoll => $blade && ! $vertical,
            self::SteadyLift => $lure->isSpoon() && $vertical && $where->onBottom,
            self::TallRise => $lure->isSpoon() && $vertical,
            self::FlutterDrop => $lure->isSpoon(),
            self::HandFeed => $lure->family === Family::Spoon && $vertical,
            self::WallFall => $lure->family->spins(),
            self::RideTheTide => $lure->isVibe() && ! $vertical && $where->onBottom,
            self::Float => $blade && $vertical && ! $where->onBottom && self::floats($lure),
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
            self::ShortPop => 'Steep and short, back to the bottom every time.',
            self::HighPop => 'Well off the bottom, then slowly down: for active fish and reaction bites.',
            self::LowHop => 'Just until it vibrates: for sluggish fish, slick calm and cold.',
            self::ClockSweep => 'Cast; raise the rod from one clock position to another, let it fall, reel the slack.',
            self::DeadStick => 'Still on the bottom, with a tiny hop now and then. Watch the belly of the line.',
            self::SteadyLift => 'Line tight, one even rise as high as rod and arm go. Then let it drop.',
            self::FlutterDrop => 'Lift, and follow it down with a little slack.',
            self::HandFeed => "Arm's lengths of line by hand, for marks straight below.",
            self::SlowRoll => 'A slow steady retrieve just over rock or weed, or through suspended fish.',
            self::WallFall => 'Down the wall, a little lift, down again, close to the rock.',
            self::RideTheTide => 'Open bail and the smallest hops, past the poles.',
            self::Float => 'A light blade fluttering down through suspended fish.',
            self::TallRise => 'Like the steady lift, but faster and far up the water.',
            self::SlowPull => 'Cast. Pull a foot or less, slowly, until it vibrates. Let it down tight, wait, reel the slack.',
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
            self::SlowPull => new Steps(0.25, 1.0, FallControl::Controlled, 1.5),
        };
    }

    /**
     * How high it is lifted as a rule, m from and to; null for what is not lifted.
     *
     * @return array{float, float}|null
     */
    public function liftRange(): ?array
    {
        return match ($this) {
            self::ShortPop => [0.15, 0.30],
            self::HighPop => [0.60, 1.20],
            self::LowHop => [0.08, 0.10],
            self::ClockSweep => [0.80, 2.00],
            self::DeadStick => [0.02, 0.08],
            self::SteadyLift, self::TallRise => [3.00, 4.00],
            self::FlutterDrop => [0.30, 1.50],
            self::HandFeed => [0.40, 0.80],
            self::SlowRoll => null,
            self::WallFall => [0.03, 0.15],
            self::RideTheTide => [0.01, 0.05],
            self::Float => [0.15, 0.60],
            self::SlowPull => [0.10, 0.30],
        };
    }

    /**
     * What most often goes wrong with it.
     *
     * @param  bool  $onBottom  false among fish that hang in the water
     */
    public function mistake(bool $onBottom = true): string
    {
        if (! $onBottom && $this === self::SlowRoll) {
            return 'reeling so fast that it climbs out of their depth';
        }

        return match ($this) {
            self::ShortPop => 'letting it down slack, so that the bite on the fall is never felt',
            self::HighPop => 'dropping the tip faster than the lure falls: it fouls on its own line',
            self::LowHop => 'lifting until it is felt in the arm; stop at the first vibration',
            self::ClockSweep => 'going on with the rod when the lure is near, where it only climbs',
            self::DeadStick => 'closing the bail with the handle, which lifts it off the bottom unnoticed',
            self::SteadyLift => 'slowing where rod and arm end, just when a fish follows',
            self::FlutterDrop => 'a tight line on the way down: it drops like a stone',
            self::HandFeed => 'striking with the reel still open',
            self::SlowRoll => 'reeling faster once it ticks the bottom, instead of raising the tip',
            self::WallFall => 'letting it swing away from the rock',
            self::RideTheTide => 'hops so high that the tide carries it past the poles',
            self::Float => 'holding it on a tight line, so that it does not flutter',
            self::TallRise => 'a start that is faster than the rest',
            self::SlowPull => 'pulling on after the first vibration, so that it climbs away from them',
        };
    }

    /** @return non-empty-list<BiteSign> how a bite shows, the commonest first */
    public function bites(): array
    {
        return match ($this) {
            self::ShortPop, self::HighPop, self::LowHop, self::ClockSweep => [BiteSign::Tick, BiteSign::Weight, BiteSign::EarlyCount],
            self::DeadStick, self::SlowPull => [BiteSign::BellyTightens, BiteSign::LineAside, BiteSign::Weight],
            self::RideTheTide => [BiteSign::LineAside, BiteSign::Weight, BiteSign::BellyTightens],
            self::FlutterDrop, self::HandFeed, self::Float => [BiteSign::EarlyCount, BiteSign::LineAside, BiteSign::Weight],
            self::WallFall => [BiteSign::EarlyCount, BiteSign::Tick, BiteSign::LineAside],
            self::SteadyLift, self::TallRise, self::SlowRoll => [BiteSign::Weight, BiteSign::Tick],
        };
    }
}
