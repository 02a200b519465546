<?php

declare(strict_types=1);

namespace App\Readings;

use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\How;
use Eskith\Core\Choosing\Mood;
use Eskith\Core\Choosing\Zone;
use Eskith\Core\Units\Constants;
use Eskith\Core\Units\Unit;
use Eskith\Core\Units\UnitSet;
use Eskith\Core\Water\Bottom;
use Eskith\Core\Water\Clarity;
use Eskith\Core\Water\Flow;
use Eskith\Core\Water\Food;
use Eskith\Core\Water\Lies;
use Eskith\Core\Water\Light;
use Eskith\Core\Water\Trend;

/** Everything that can be read, in one place. The first eight stand in the strip under the stations. */
final class Catalogue
{
    public const STRIP = ['temp', 'depth', 'drift', 'clarity', 'light', 'food', 'species', 'how'];

    private const SLOW = ['mph' => 0.05, 'kn' => 0.05, 'm/s' => 0.02, 'km/h' => 0.1];

    /** @var array<string, Spec>|null */
    private static ?array $specs = null;

    /** @return array<string, Spec> by name */
    public static function all(): array
    {
        return self::$specs ??= array_column([...self::measures(), ...self::water(), ...self::aim()], null, 'name');
    }

    public static function has(string $name): bool
    {
        return isset(self::all()[$name]);
    }

    /** @return list<Spec> */
    private static function measures(): array
    {
        $temperature = static fn (UnitSet $units): Unit => $units->temperature;
        $speed = static fn (UnitSet $units): Unit => $units->speed;

        return [
            Spec::measure('temp', 'water', $temperature, [-2.0, 40.0], ['°F' => 1, '°C' => 0.5]),
            Spec::measure('depth', 'depth', static fn (UnitSet $units): Unit => $units->depth, [0.3, Constants::DEEPEST_M], ['ft' => 1, 'm' => 0.5]),
            Spec::measure('drift', 'drift', $speed, [-Flow::FASTEST, Flow::FASTEST], self::SLOW),
            Spec::measure('current', 'current', $speed, [-Flow::FASTEST, Flow::FASTEST], self::SLOW),
            Spec::measure('wind', 'wind', $speed, [0.0, 40.0], ['mph' => 1, 'kn' => 1, 'm/s' => 0.5, 'km/h' => 1]),
            Spec::measure('gust', 'gusts', $speed, [0.0, 40.0], ['mph' => 1, 'kn' => 1, 'm/s' => 0.5, 'km/h' => 1]),
            Spec::measure('cone', 'sonar cone', static fn (UnitSet $units): Unit => Unit::Degree, [5.0, 90.0], ['°' => 1]),
            Spec::measure('surface', 'surface water', $temperature, [-2.0, 40.0], ['°F' => 1, '°C' => 0.5]),
        ];
    }

    /** @return list<Spec> */
    private static function water(): array
    {
        return [
            Spec::choice('clarity', 'clarity', self::words(Clarity::cases())),
            Spec::choice('light', 'light', self::words(Light::cases())),
            Spec::choice('food', 'food', self::words(Food::cases()), Kind::Choices),
            Spec::choice('bottom', 'bottom', self::words(Bottom::cases())),
            Spec::choice('flow', 'water moves', ['still' => 'still', 'tide' => 'tide', 'river' => 'river'], aliases: ['uniform' => 'still']),
            Spec::choice('lies', 'boat', self::words(Lies::cases())),
            Spec::choice('salt', 'salt', ['fresh' => 'fresh', 'brackish' => 'brackish', 'sea' => 'sea']),
            Spec::choice('trend', 'trend', self::words(Trend::cases())),
            Spec::choice('level', 'level', ['low' => 'low', 'normal' => 'normal', 'high' => 'in flood']),
            Spec::choice('level_trend', 'level is', ['falling' => 'falling', 'steady' => 'steady', 'rising' => 'rising']),
            Spec::choice('weed', 'weed', ['none' => 'none', 'green' => 'green', 'dying' => 'dying']),
            Spec::choice('bait', 'bait', ['none' => 'none seen', 'some' => 'some', 'chased' => 'chased']),
            Spec::flag('birds', 'birds', 'working', 'none'),
            Spec::flag('wall', 'steep wall'),
            Spec::flag('calm', 'waves', 'slick calm', 'rippled'),
            Spec::flag('ice', 'ice about'),
            Spec::flag('weir', 'weir or dam near'),
        ];
    }

    /** @return list<Spec> */
    private static function aim(): array
    {
        return [
            Spec::choice('species', 'after', self::words(Species::cases())),
            Spec::choice('how', 'how', self::words(How::cases())),
            Spec::choice('zone', 'fish sit', [Zone::Bottom->value => 'on the bottom', Zone::Suspended->value => 'suspended', Zone::Thermocline->value => 'in the thermocline']),
            Spec::choice('mood', 'fish are', self::words(Mood::cases())),
            Spec::flag('pressured', 'pressured'),
            Spec::flag('hop', 'bottom hop'),
            Spec::flag('away', 'flow runs away'),
            Spec::flag('marks', 'marks below'),
        ];
    }

    /**
     * @param  list<Clarity|Light|Food|Bottom|Trend|Species|How|Mood|Lies>  $cases
     * @return array<string, string>
     */
    private static function words(array $cases): array
    {
        $words = [];
        foreach ($cases as $case) {
            $words[$case->value] = $case->word();
        }

        return $words;
    }
}
