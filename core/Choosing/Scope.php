<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** What a rule is of. Whatever has it in common is judged once. */
enum Scope
{
    /** Family, whatever it weighs. */
    case Family;
    /** Family and weight, and the weight that the day asks for. */
    case Weight;
    /** Family and weight, and how the line leans with them. */
    case Leaning;
    /** Finish, and what was added to it. */
    case Look;
    /** Anything about the lure. */
    case Lure;
    /** The lure on one of its holes, and how it hangs there. */
    case Hanging;
    /** The same, and how it comes down from the surface. */
    case Falling;
    /** The cadence, whatever the lure. */
    case Cadence;
    /** All of it together. */
    case All;

    /**
     * Whether what is judged in it can hang on a reading: what cannot is not judged again when that is moved. A rule that asks
     * a new reading of its scope is named by the tests.
     */
    public function hangsOn(Reading $reading): bool
    {
        return match ($this) {
            self::Family => in_array($reading, [
                Reading::Temperature, Reading::SurfaceTemperature, Reading::Trend, Reading::Clarity, Reading::Bottom, Reading::Wall,
                Reading::Species, Reading::Zone, Reading::Mood,
            ], true),
            self::Weight => in_array($reading, [
                Reading::Bottom, Reading::Wall, Reading::Wind, Reading::ForageSize, Reading::Species, Reading::Zone, Reading::How,
            ], true),
            self::Leaning => self::lineHangsOn($reading) || $reading === Reading::Bottom,
            self::Look => in_array($reading, [Reading::Clarity, Reading::Light, Reading::Food, Reading::Species], true),
            self::Hanging => in_array($reading, [
                Reading::Temperature, Reading::Zone, Reading::Mood, Reading::How, Reading::Hop,
            ], true),
            self::Falling => self::lineHangsOn($reading) || $reading === Reading::MarksBelow,
            self::Cadence => ! in_array($reading, [
                Reading::SurfaceTemperature, Reading::Trend, Reading::Clarity, Reading::Wind, Reading::Light, Reading::Food,
                Reading::ForageSize,
            ], true),
            // Rules of an angler's own may ask for anything.
            self::Lure, self::All => true,
        };
    }

    /** Whether how long a lure falls can hang on a reading. */
    public static function fallHangsOn(Reading $reading): bool
    {
        return in_array($reading, [Reading::Temperature, Reading::Depth, Reading::Zone, Reading::FishDepth, Reading::Salt], true);
    }

    /** Whether how a line leans, how long a lure falls, and the weight that the day asks for can hang on a reading. */
    public static function lineHangsOn(Reading $reading): bool
    {
        return in_array($reading, [
            Reading::Temperature, Reading::Depth, Reading::Drift, Reading::Current, Reading::Runs, Reading::Species, Reading::Zone,
            Reading::FishDepth, Reading::How, Reading::Salt, Reading::Flow, Reading::Gust, Reading::Lies,
        ], true);
    }
}
