<?php

declare(strict_types=1);

namespace App\Instruments;

/**
 * The bottoms of the made-up waters, as a lead would find them: metres below each water's zero, metres round its origin. For
 * demo data and for the simulated boat, so that what the boat says agrees with what is on the chart.
 */
final class MadeUpBottoms
{
    /** Latitude and longitude of each origin. */
    public const ORIGINS = [
        'Hallowmere' => [45.2330, -7.8790], 'The Corrow' => [45.4015, -7.5142], 'Pell quarry' => [45.3108, -7.6496],
        'Tannick harbour' => [45.1206, -7.9300],
    ];

    /** Spots of each, that its bottom is fitted to: m east, m north, m deep below zero. */
    private const FITTED = [
        'Hallowmere' => [
            'North bar' => [163.0, 177.0, 7.9], 'Causeway end' => [375.8, -124.3, 9.5], 'West gravel' => [-263.0, 20.0, 5.5],
        ],
        'The Corrow' => ['Gravel shelf' => [70.0, 103.0, 6.4], 'Eddy below the narrows' => [-79.0, -46.0, 8.8]],
        'Pell quarry' => ['Second terrace' => [-60.0, -60.0, 7.6], 'Slate wall' => [40.0, 52.5, 11.0]],
        'Tannick harbour' => ['Stone mole' => [-64.0, -51.5, 1.7], 'Pontoon' => [0.0, 70.0, 2.3]],
    ];

    /** m around a spot that is bent to fit it. */
    private const BENT_M = ['Hallowmere' => 14.0, 'The Corrow' => 9.0, 'Pell quarry' => 4.0, 'Tannick harbour' => 8.0];

    /**
     * Where a spot of a made-up water lies.
     *
     * @return array{float, float} m east and north
     */
    public static function spot(string $water, string $spot): array
    {
        [$east, $north] = self::FITTED[$water][$spot] ?? throw new \LogicException("Nobody made {$spot} of {$water} up.");

        return [$east, $north];
    }

    /** Null on land, and for a water nobody made up. */
    public static function depthM(string $water, float $east, float $north): ?float
    {
        $depth = self::plain($water, $east, $north);
        if ($depth === null) {
            return null;
        }
        foreach (self::FITTED[$water] as [$x, $y, $target]) {
            $there = self::plain($water, $x, $y) ?? $target;
            $depth += ($target - $there) * exp(-(($east - $x) ** 2 + ($north - $y) ** 2) / (2 * self::BENT_M[$water] ** 2));
        }

        return max(0.2, $depth);
    }

    private static function plain(string $water, float $east, float $north): ?float
    {
        return match ($water) {
            'Hallowmere' => self::lake($east, $north),
            'The Corrow' => self::canyon($east, $north),
            'Pell quarry' => self::quarry($east, $north),
            'Tannick harbour' => self::harbour($east, $north),
            default => null,
        };
    }

    /** A bowl with two gravel bars and a drowned causeway of stone. */
    private static function lake(float $east, float $north): ?float
    {
        $out = hypot(($east - 60) / 560, ($north - 20) / 400);
        if ($out >= 1.0) {
            return null;
        }
        $depth = 17.5 * (1 - $out ** 2.4) + 0.5 * sin($east / 47) * cos($north / 39);
        $bar = self::from($east, $north, 120, 215, 262, 158);
        $depth -= max(0.0, $depth - 4.7) * exp(-($bar / 34) ** 2);
        $west = hypot(($east + 290) / 62, ($north - 20) / 38);
        $depth -= max(0.0, $depth - 4.1) * exp(-$west ** 2);
        // The road lies 4 m under, eight wide, its sides of stone as steep as stone lies.
        $road = self::from($east, $north, 385, -128, 610, -218);

        return min($depth, 3.9 + max(0.0, $road - 4.0) * 0.95);
    }

    /** A gorge from the north-east to the south-west, with a shelf of gravel along its north side and a hole below the narrows. */
    private static function canyon(float $east, float $north): ?float
    {
        [$along, $across] = self::turned($east, $north, 40.0);
        $across -= 9 * sin($along / 60);
        $wide = 44.0 - 13.0 * exp(-(($along + 20) / 42) ** 2);
        if (abs($across) >= $wide || abs($along) > 230) {
            return null;
        }
        $bank = $wide - abs($across);
        $depth = min(1.15 * $bank, 10.4 + 0.6 * sin($along / 35) - 0.06 * abs($across));
        if ($across > 0 && $along > 30) {
            $depth = min($depth, max(6.2, 0.9 * (26 - $across) + 6.2));
        }

        return $depth + 2.4 * exp(-(($along + 122) / 30) ** 2 - ($across / 20) ** 2) * min(1.0, $bank / 14);
    }

    /** Three terraces, cut steep, down to a floor of mud. */
    private static function quarry(float $east, float $north): ?float
    {
        $rim = min(95 - abs($east), 78 - abs($north), 118 - abs($east + $north) * 0.8);
        if ($rim <= 0) {
            return null;
        }

        return self::steps($rim + 1.2 * sin(($east - $north) / 17), [
            [0, 0.4], [2.2, 3.6], [10, 3.9], [12.6, 7.5], [23, 7.9], [27.5, 14.2], [45, 16.0], [80, 17.2],
        ]);
    }

    /** A basin with a stone mole on its south-west and a dredged way to the pontoon. */
    private static function harbour(float $east, float $north): ?float
    {
        if (abs($east) > 92 || abs($north) > 78) {
            return null;
        }
        $mole = self::from($east, $north, -92, -78, -30, -34);
        $way = self::from($east, $north, 92, 10, 40, 52);
        $depth = 1.9 + 0.012 * ($east + 92) - 0.9 * exp(-((78 - $north) / 16) ** 2) + 1.4 * exp(-($way / 17) ** 2);

        return $mole < 4 ? null : min($depth, -0.6 + 1.3 * ($mole - 4));
    }

    /** m to a straight piece */
    private static function from(float $x, float $y, float $ax, float $ay, float $bx, float $by): float
    {
        [$dx, $dy] = [$bx - $ax, $by - $ay];
        $share = max(0.0, min(1.0, (($x - $ax) * $dx + ($y - $ay) * $dy) / ($dx * $dx + $dy * $dy)));

        return hypot($x - $ax - $share * $dx, $y - $ay - $share * $dy);
    }

    /** @return array{float, float} along a way at so many degrees north of east, and across to its left */
    private static function turned(float $east, float $north, float $degrees): array
    {
        [$c, $s] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];

        return [$east * $c + $north * $s, -$east * $s + $north * $c];
    }

    /** @param  list<array{float|int, float|int}>  $steps  m from the rim and m deep */
    private static function steps(float $rim, array $steps): float
    {
        foreach ($steps as $i => [$to, $deep]) {
            if ($rim <= $to) {
                [$from, $before] = $steps[max(0, $i - 1)];

                return $to === $from ? $deep : $before + ($deep - $before) * ($rim - $from) / ($to - $from);
            }
        }

        return (float) $steps[count($steps) - 1][1];
    }
}
