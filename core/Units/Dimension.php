<?php

declare(strict_types=1);

namespace Eskith\Core\Units;

/** What kind of quantity a unit measures. SI inside: kg, m, m/s, s, N; degrees Celsius and degrees of arc. */
enum Dimension: string
{
    case Mass = 'mass';
    case Length = 'length';
    case Speed = 'speed';
    case Temperature = 'temperature';
    case Angle = 'angle';
    case Time = 'time';
    case Force = 'force';

    /** An example an angler could type, for error sentences. */
    public function example(): string
    {
        return match ($this) {
            self::Mass => '5/8 oz or 18 g',
            self::Length => "30 ft, 30' or 9 m",
            self::Speed => '0.4 mph or 0.2 m/s',
            self::Temperature => '40 °F or 4.5 °C',
            self::Angle => '35°',
            self::Time => '9 s or 2 min',
            self::Force => '20 lb or 9 kg',
        };
    }

    /** The word for it in a sentence. */
    public function word(): string
    {
        return match ($this) {
            self::Mass => 'weight',
            self::Length => 'length',
            self::Speed => 'speed',
            self::Temperature => 'temperature',
            self::Angle => 'angle',
            self::Time => 'time',
            self::Force => 'strength',
        };
    }
}
