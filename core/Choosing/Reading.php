<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Choosing\Readings\Defined;
use Eskith\Core\Choosing\Readings\Definition;
use Eskith\Core\Choosing\Readings\ReadingInSituation;
use Eskith\Core\Choosing\Readings\ReadingPhrases;
use Eskith\Core\Choosing\Readings\RuleInput;
use Eskith\Core\Units\Dimension;
use Eskith\Core\Units\UnitSet;

/**
 * Everything that can be read of the day, each defined once, in Readings\Defined: whatever else must know of a reading follows
 * from there. In the order in which they stand on the board. Measures are SI, temperatures °C.
 */
enum Reading: string
{
    use Defined;
    use ReadingInSituation;
    use ReadingPhrases;

    /** Those that matter most, asked for first: how warm, how fast past the boat, how deep. */
    public const FIRST = [self::Temperature, self::Drift, self::Depth];

    case Temperature = 'temp';
    case SurfaceTemperature = 'surface';
    case Trend = 'trend';
    case Clarity = 'clarity';
    case Salt = 'salt';
    case Depth = 'depth';
    case Bottom = 'bottom';
    case Wall = 'wall';
    case Level = 'level';
    case LevelTrend = 'level_trend';
    case Lies = 'lies';
    case Drift = 'drift';
    case Wind = 'wind';
    case Gust = 'gust';
    case WindFrom = 'wind_from';
    case Flow = 'flow';
    case Current = 'current';
    case Calm = 'calm';
    case AirTemperature = 'air';
    case Cloud = 'cloud';
    case Light = 'light';
    case Weed = 'weed';
    case Bait = 'bait';
    case Birds = 'birds';
    case Food = 'food';
    case ForageSize = 'forage';
    case Species = 'species';
    case Zone = 'zone';
    case FishDepth = 'fish_depth';
    case Mood = 'mood';
    case Pressured = 'pressured';
    case MarksBelow = 'marks';
    case How = 'how';
    case Hop = 'hop';
    case Runs = 'runs';
    case CastLength = 'cast';
    case Bail = 'bail';
    case SonarCone = 'cone';
    case Ice = 'ice';
    case Weir = 'weir';

    public function definition(): Definition
    {
        /** @var array<string, Definition> $all */
        static $all = [];

        return $all[$this->value] ??= $this->define();
    }

    /** @return list<self> those that a choice rests on: that rules, conditions and the command line know */
    public static function used(): array
    {
        return array_values(array_filter(self::cases(), static fn (self $reading): bool => $reading->definition()->basis !== null));
    }

    /** @throws \LogicException for a reading that is only shown */
    public function basis(): RuleInput
    {
        return $this->definition()->basis ?? throw new \LogicException("No choice rests on {$this->value}.");
    }

    /** Null for a choice. */
    public function dimension(): ?Dimension
    {
        return $this->definition()->dimension;
    }

    /** A drift or a current: signed, and counted by its size. */
    public function isFlow(): bool
    {
        return $this === self::Drift || $this === self::Current;
    }

    /** @return list<string> what can be chosen; empty for a measure */
    public function choices(): array
    {
        return $this->definition()->values();
    }

    /**
     * What was typed or chosen, as it is kept: the words to show again and, for a measure, its SI value.
     *
     * @return array{string, float|null}
     *
     * @throws \Eskith\Core\Units\InvalidInput naming the reading
     */
    public function read(string $text, UnitSet $units): array
    {
        return $this->definition()->read($text, $units, $this->value);
    }
}
