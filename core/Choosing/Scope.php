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
                Reading::SurfaceTemperature, Reading::Trend, Reading::Clarity, Reading::Depth, Reading::Wind, Reading::Light,
                Reading::Food, Reading::ForageSize,
            ], true),
            // Rules of an angler's own may ask for anything.
            self::Lure => true,
            // What the record says of weights hangs on the series, which is the fish's.
            self::All => $reading === Reading::Species,
        };
    }

    /**
     * Whether what is judged in it comes out alike all the same, since it asks of the measures that were moved only where they
     * stand: in which band it is warm, whether it runs, whether it blows. A rule that asks for more is named by the tests, as above.
     *
     * @param  list<Reading>  $moved
     */
    public function alike(array $moved, Situation $now, Situation $there): bool
    {
        $asked = match ($this) {
            self::Family, self::Hanging => [Reading::Temperature],
            self::Weight => [Reading::Wind],
            self::Cadence => [Reading::Temperature, Reading::Drift, Reading::Current, Reading::Flow],
            self::Leaning, self::Look, self::Lure, self::Falling, self::All => [],
        };
        foreach ($moved as $reading) {
            if ($this->hangsOn($reading) && ! in_array($reading, $asked, true)) {
                return false;
            }
        }

        return $this->stands($now) === $this->stands($there);
    }

    /** @return list<mixed> where the measures stand of which it asks only that */
    private function stands(Situation $s): array
    {
        return match ($this) {
            self::Family => [$s->band],
            self::Hanging => [$s->veryCold()],
            self::Weight => [$s->water->windMs === null, $s->blows()],
            self::Cadence => [$s->band === null, $s->veryCold(), $s->warmer(), $s->coolWater(), $s->runs()],
            self::Leaning, self::Look, self::Lure, self::Falling, self::All => [],
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
