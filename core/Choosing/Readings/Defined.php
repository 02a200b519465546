<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Readings;

use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\FishingMode;
use Eskith\Core\Choosing\Mood;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\Zone;
use Eskith\Core\Drop\Cast;
use Eskith\Core\Units\Constants;
use Eskith\Core\Units\Dimension;
use Eskith\Core\Water\BoatHolding;
use Eskith\Core\Water\Bottom;
use Eskith\Core\Water\Clarity;
use Eskith\Core\Water\Cloud;
use Eskith\Core\Water\Conditions;
use Eskith\Core\Water\Flow;
use Eskith\Core\Water\Food;
use Eskith\Core\Water\ForageSize;
use Eskith\Core\Water\Light;
use Eskith\Core\Water\Runs;
use Eskith\Core\Water\Trend;
use Eskith\Core\Water\WindFrom;

/** Every reading, defined once: whatever else must know of it follows from here. Measures are SI, temperatures °C. */
trait Defined
{
    private const SPEED_STEPS = ['mph' => 0.05, 'kn' => 0.05, 'm/s' => 0.02, 'km/h' => 0.1];

    private const WIND_STEPS = ['mph' => 1, 'kn' => 1, 'm/s' => 0.5, 'km/h' => 1];

    private const TEMPERATURE_STEPS = ['°F' => 1, '°C' => 0.5];

    private function define(): Definition
    {
        return match ($this) {
            self::Temperature => Definition::measure(
                Group::Water, 'water', Dimension::Temperature, [-2.0, 40.0], self::TEMPERATURE_STEPS,
                basis: RuleInput::water(
                    'tempC', 'temp_c', 'water temperature', opens: 'At {said}', missing: 'temperature',
                    walk: new SearchRange(1.5, -1.0, 30.0, 0.02, [1.0, 4.0, 7.0, 11.0, 14.0, 18.0, 22.0]),
                ),
            ),
            self::SurfaceTemperature => Definition::measure(
                Group::Water, 'surface water', Dimension::Temperature, [-2.0, 40.0], self::TEMPERATURE_STEPS,
                basis: RuleInput::water(
                    'surfaceTempC', 'surface_temp_c', 'surface temperature', '{word} on top',
                    walk: new SearchRange(2.0, -1.0, 32.0, 0.05, [12.0, 18.0, 22.0, 26.0]),
                    // Only fish in the thermocline make it matter.
                    met: static fn (Situation $s): bool => $s->water->surfaceTempC !== null || $s->aim->zone !== Zone::Thermocline,
                ),
            ),
            self::Trend => Definition::choice(
                Group::Water, 'trend', Trend::class,
                basis: RuleInput::water('trend', 'trend', 'temperature trend', 'water {word}', 'With the {said}', named: false),
            ),
            self::Clarity => Definition::choice(
                Group::Water, 'clarity', Clarity::class,
                basis: RuleInput::water('clarity', 'clarity', 'clarity', '{word} water', 'In {said}'),
            ),
            self::Salt => Definition::choice(
                Group::Water, 'salt', ['fresh' => 'fresh', 'brackish' => 'brackish', 'sea' => 'sea'], assumed: 'fresh',
            ),
            self::Depth => Definition::measure(
                Group::Depth, 'depth', Dimension::Length, [0.3, Constants::DEEPEST_M], ['ft' => 1, 'm' => 0.5], Conditions::ASSUMED_DEPTH_M,
                RuleInput::water(
                    'depthM', 'depth_m', 'depth', opens: 'In {said} of water',
                    walk: new SearchRange(
                        step: 1.15,
                        lowest: 0.5,
                        highest: 60.0,
                        grain: 0.02,
                        guesses: [2.0, 4.0, 6.0, 9.0, 13.0, 20.0],
                        byRatio: true,
                    ),
                ),
            ),
            self::Bottom => Definition::choice(
                Group::Depth, 'bottom', Bottom::class,
                basis: RuleInput::water(
                    'bottom', 'bottom', 'bottom', '{word} below', 'Over {word}',
                    // For fish that hang above it the bottom plays no part.
                    met: static fn (Situation $s): bool => $s->water->bottom !== null || ! $s->onBottom(),
                ),
            ),
            self::Wall => Definition::flag(Group::Depth, 'steep wall', basis: RuleInput::water(
                'wall', 'wall', 'wall or open bottom',
                ['yes' => 'at a wall', 'no' => 'no wall'],
                ['yes' => 'At a wall', 'no' => 'Away from a wall'],
            )),
            self::Level => Definition::choice(
                Group::Depth, 'level', ['low' => 'low', 'normal' => 'normal', 'high' => 'in flood'], holds: Holds::OnWater,
            ),
            self::LevelTrend => Definition::choice(
                Group::Depth, 'level is', ['falling' => 'falling', 'steady' => 'steady', 'rising' => 'rising'], holds: Holds::OnWater,
            ),
            self::Lies => Definition::choice(Group::Movement, 'boat', BoatHolding::class),
            self::Drift => Definition::measure(
                Group::Movement, 'drift', Dimension::Speed, [-Flow::FASTEST, Flow::FASTEST], self::SPEED_STEPS,
                basis: RuleInput::water(
                    'boatMs', 'boat_ms', 'drift', '{word} of drift', missing: 'flow past the boat',
                    walk: new SearchRange(0.06, -1.5, 1.5, 0.002, [0.0, 0.1, 0.2, 0.35, 0.5, 0.8]),
                    // It matters for what flows past the line, which the current may leave unknown.
                    met: static fn (Situation $s): bool => $s->flowMs !== null,
                ),
                holds: Holds::OnWater,
            ),
            self::Wind => Definition::measure(
                Group::Movement, 'wind', Dimension::Speed, [0.0, 40.0], self::WIND_STEPS,
                basis: RuleInput::water(
                    'windMs', 'wind_ms', 'wind', '{word} of wind',
                    walk: new SearchRange(1.5, 0.0, 20.0, 0.05, [0.0, 3.0, 6.0, 10.0]),
                ),
            ),
            self::Gust => Definition::measure(Group::Movement, 'gusts', Dimension::Speed, [0.0, 40.0], self::WIND_STEPS),
            self::WindFrom => Definition::choice(Group::Movement, 'wind from', WindFrom::class),
            self::Flow => Definition::choice(
                Group::Movement, 'water moves', ['still' => 'still', 'tide' => 'tide', 'river' => 'river'],
                aliases: ['uniform' => 'still'], assumed: 'still', holds: Holds::OnWater,
            ),
            self::Current => Definition::measure(
                Group::Movement, 'current', Dimension::Speed, [-Flow::FASTEST, Flow::FASTEST], self::SPEED_STEPS,
                basis: RuleInput::water(
                    'currentMs', 'current_ms', 'current', '{word} of current',
                    walk: new SearchRange(0.1, -2.0, 2.0, 0.002, [0.0, 0.15, 0.3, 0.5, 0.8]),
                ),
                holds: Holds::AtSpot,
            ),
            self::Calm => Definition::flag(Group::Movement, 'waves', 'slick calm', 'rippled', RuleInput::water(
                'calm', 'calm', 'waves',
                ['yes' => 'slick calm', 'no' => 'a ripple on the water'],
                ['yes' => 'In a slick calm', 'no' => 'With a ripple on the water'],
            ), Holds::OnWater),
            self::AirTemperature => Definition::measure(
                Group::Movement, 'air', Dimension::Temperature, [-40.0, 45.0], self::TEMPERATURE_STEPS,
            ),
            self::Cloud => Definition::choice(Group::Movement, 'cloud', Cloud::class),
            self::Light => Definition::choice(
                Group::Signs, 'light', Light::class,
                basis: RuleInput::water('light', 'light', 'light', '{word} light', 'In {said}'), holds: Holds::AllDay,
            ),
            self::Weed => Definition::choice(
                Group::Signs, 'weed', ['none' => 'none', 'green' => 'green', 'dying' => 'dying'], holds: Holds::AtSpot,
            ),
            self::Bait => Definition::choice(Group::Signs, 'bait', ['none' => 'none seen', 'some' => 'some', 'chased' => 'chased']),
            self::Birds => Definition::flag(Group::Signs, 'birds', 'working', 'none'),
            self::Food => Definition::choice(
                Group::Signs, 'food', Food::class, several: true,
                basis: RuleInput::water('food', 'food', 'food', '{word} about'),
            ),
            self::ForageSize => Definition::choice(
                Group::Signs, 'forage is', ForageSize::class,
                basis: RuleInput::water('forageSize', 'forage', 'size of the forage', 'forage {word}', 'With forage {word}'),
            ),
            self::Species => Definition::choice(
                Group::Fish, 'target fish', Species::class, assumed: 'walleye',
                basis: RuleInput::aim('species', 'species', 'fish sought', '{word} sought', 'For {word}'),
                holds: Holds::AllDay,
            ),
            self::Zone => Definition::choice(
                Group::Fish, 'fish sit', Zone::class, ['bottom' => 'on the bottom', 'thermocline' => 'in the thermocline'],
                assumed: 'bottom',
                basis: RuleInput::aim('zone', 'zone', 'place of the fish', [
                    'bottom' => 'fish on the bottom', 'suspended' => 'suspended fish', 'thermocline' => 'fish in the thermocline',
                ]),
            ),
            self::FishDepth => Definition::measure(
                Group::Fish, 'fish hang at', Dimension::Length, [0.3, Constants::DEEPEST_M], ['ft' => 1, 'm' => 0.5],
                basis: RuleInput::water(
                    'fishDepthM', 'fish_depth_m', 'depth of the fish', 'fish at {word}', 'With fish at {said}',
                    walk: new SearchRange(
                        step: 1.15,
                        lowest: 0.5,
                        highest: 60.0,
                        grain: 0.02,
                        guesses: [2.0, 4.0, 6.0, 9.0, 13.0],
                        byRatio: true,
                    ),
                    // Only fish that hang in the water make it matter.
                    met: static fn (Situation $s): bool => ! $s->isFishDepthAssumed(),
                ),
                holds: Holds::AtSpot,
            ),
            self::Mood => Definition::choice(
                Group::Fish, 'fish are', Mood::class, assumed: 'neutral',
                basis: RuleInput::aim('mood', 'mood', 'mood of the fish', '{word} fish', named: false),
            ),
            self::Pressured => Definition::flag(
                Group::Fish, 'pressured',
                basis: RuleInput::aim('pressured', 'pressured', 'pressure on the fish', [
                    'yes' => 'pressured fish', 'no' => 'fish left alone',
                ]),
            ),
            self::MarksBelow => Definition::flag(
                Group::Fish, 'marks below',
                basis: RuleInput::aim('marksBelow', 'marks_below', 'marks below', [
                    'yes' => 'marks straight below', 'no' => 'no marks below',
                ]),
                holds: Holds::AtSpot,
            ),
            self::How => Definition::choice(Group::Work, 'cast or vertical', FishingMode::class, assumed: 'vertical', basis: RuleInput::aim(
                'how', 'how', 'way of fishing',
                ['cast' => 'casting', 'vertical' => 'straight down'],
                ['cast' => 'When casting', 'vertical' => 'Straight down'],
            )),
            self::Hop => Definition::flag(Group::Work, 'bottom hop', basis: RuleInput::aim(
                'hop', 'hop', 'bottom hop',
                ['yes' => 'hopping along the bottom', 'no' => 'no bottom hop'],
                ['yes' => 'Hopping along the bottom', 'no' => 'Without hopping along the bottom'],
            )),
            self::Runs => Definition::choice(
                Group::Work, 'water runs', Runs::class,
                basis: RuleInput::aim('runs', 'runs', 'way the water runs', 'water running {word}', 'With the {said}', named: false),
                holds: Holds::AtSpot,
            ),
            self::CastLength => Definition::measure(
                Group::Work, 'cast', Dimension::Length, [3.0, Cast::FARTHEST_M], ['ft' => 5, 'm' => 1], Cast::USUAL_M,
            ),
            self::Bail => Definition::choice(
                Group::Work, 'bail', ['open' => 'open, free line', 'closed' => 'closed, tight line'], assumed: 'open',
            ),
            self::SonarCone => Definition::measure(Group::Work, 'sonar cone', Dimension::Angle, [5.0, 90.0], ['°' => 1], 20.0),
            self::Ice => Definition::flag(Group::Care, 'ice about'),
            self::Weir => Definition::flag(Group::Care, 'weir or dam near'),
        };
    }
}
