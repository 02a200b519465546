<?php

declare(strict_types=1);

namespace Eskith\Telling\Enums;

/** What can be laid out, each defined once: its words, and the fields that are typed for it. */
enum PlanKind: string
{
    case Wall = 'wall';
    case Fan = 'fan';
    case Drift = 'drift';
    case Advance = 'advance';
    case Ledges = 'ledges';
    case Tide = 'tide';

    public function word(): string
    {
        return match ($this) {
            self::Wall => 'wall or edge',
            self::Fan => 'fan',
            self::Drift => 'drifts',
            self::Advance => 'moving up',
            self::Ledges => 'ledges',
            self::Tide => 'tide past poles',
        };
    }

    /** @return array<string, array{string, string, string}> by field: label, and what is usual in metres and in feet */
    public function fields(): array
    {
        $seconds = ['Seconds a cast', '60', '60'];

        return match ($this) {
            self::Wall => [
                'line' => ['Length, or corners as east,north', '60 m', '200 ft'], 'spacing' => ['Between landings', '2 m', '6 ft'],
                'off' => ['Stand off', '12 m', '40 ft'], 'side' => ['Boat lies to the (left or right)', 'left', 'left'],
                'past' => ['Aim past (0 where it is rock)', '0 m', '0 ft'], 'seconds' => $seconds,
            ],
            self::Fan => [
                'from' => ['From bearing', '320°', '320°'], 'to' => ['To bearing', '400°', '400°'],
                'near' => ['From', '5 m', '15 ft'], 'far' => ['To', '25 m', '80 ft'], 'lane' => ['A cast covers', '3 m', '10 ft'],
                'seconds' => $seconds,
            ],
            self::Drift => [
                'area' => ['Wide × long, or corners as east,north', '40 m x 80 m', '120 ft x 250 ft'],
                'toward' => ['Drifts toward', '0°', '0°'], 'lane' => ['A drift covers', '10 m', '30 ft'],
                'speed' => ['Drift', '0.2 m/s', '0.4 mph'], 'motor' => ['Motor back at', '1.5 m/s', '3 mph'],
            ],
            self::Advance => [
                'way' => ['Way', '60 m', '200 ft'], 'step' => ['Move up by', '6 m', '20 ft'], 'cast' => ['Cast', '12 m', '40 ft'],
                'each' => ['Casts from each stand', '3', '3'], 'seconds' => $seconds,
            ],
            self::Ledges => ['depths' => ['Depths of the ledges', '3 m, 5 m, 7 m', '10 ft, 16 ft, 24 ft']],
            self::Tide => ['runs' => ['The tide runs (away or toward)', 'away', 'away']],
        };
    }
}
