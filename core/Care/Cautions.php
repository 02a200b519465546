<?php

declare(strict_types=1);

namespace Eskith\Core\Care;

/** Short cautions where the readings call for them, the gravest first; never instead of local rules. */
final class Cautions
{
    /** °C of water below which a life jacket is worn. */
    private const JACKET_C = 15.0;

    /** °C of water at which ice is about. */
    private const ICE_C = 1.0;

    /** m from which a fish brought up is hurt by its swelling swim bladder. */
    private const DEEP_M = 9.0;

    /** m/s of wind from which a small boat is in trouble. */
    private const WINDY_MS = 8.0;

    /** Of the fish that can be sought, those with spines that go into a hand. */
    private const SPINY = [Species::Walleye, Species::Sauger, Species::Perch, Species::Bream];

    /** @return list<Caution> */
    public static function of(Circumstances $day): array
    {
        return array_values(array_filter([
            self::cold($day), self::ice($day), self::wind($day), self::weir($day), self::deep($day), self::protected($day),
            self::spines($day), self::rules($day),
        ]));
    }

    private static function cold(Circumstances $day): ?Caution
    {
        return $day->waterC === null || $day->waterC >= self::JACKET_C ? null
            : new Caution(
                'cold', "{$day->units->temperature->print($day->waterC)} water",
                'Wear the life jacket: breath goes in the first minute, hands in about ten.',
            );
    }

    private static function ice(Circumstances $day): ?Caution
    {
        $near = $day->waterC !== null && $day->waterC <= self::ICE_C;

        return ! $day->ice && ! $near ? null
            : new Caution(
                'ice', $day->ice ? 'Ice about' : "Ice may be about at {$day->units->temperature->print((float) $day->waterC)}",
                'Never fish alone; keep off it unless you know how thick it is.',
            );
    }

    private static function wind(Circumstances $day): ?Caution
    {
        return $day->windMs === null || $day->windMs < self::WINDY_MS ? null
            : new Caution(
                'wind', "{$day->units->speed->print($day->windMs)} of wind",
                $day->onFoot ? 'Waves break on banks and walls: keep back from the edge, and off wet rock.'
                    : 'Rough for a small boat: keep near shelter and turn back early.',
            );
    }

    private static function weir(Circumstances $day): ?Caution
    {
        return ! $day->weir
            ? null
            : new Caution('weir', 'Weir or dam near', 'Stay out of the marked zone; the water can rise without warning.');
    }

    private static function deep(Circumstances $day): ?Caution
    {
        if ($day->depthM === null || $day->depthM <= self::DEEP_M) {
            return null;
        }
        $times = number_format(SwimBladder::swelling($day->depthM), 1);

        return new Caution(
            'deep', "{$day->units->depth->print($day->depthM)} deep",
            "A swim bladder swells to {$times} times its size on the way up. To release fish, fish shallower or use a descending device.",
        );
    }

    private static function protected(Circumstances $day): ?Caution
    {
        return $day->protected === '' ? null
            : new Caution(
                'protected', "Protected here, by your notes: {$day->protected}",
                'Do not fish for them. One hooked by accident stays in the water and goes free; the warden knows more.',
            );
    }

    private static function spines(Circumstances $day): ?Caution
    {
        return ! in_array($day->sought, self::SPINY, true) ? null
            : new Caution(
                'spines', ucfirst($day->sought->word()).': spines and trebles',
                'Unhook with pliers, mind the back fin, hold big fish level.',
            );
    }

    private static function rules(Circumstances $day): Caution
    {
        return $day->localRules === ''
            ? new Caution(
                'rules', 'Local rules'.($day->waterName === null ? '' : ", {$day->waterName}"),
                'Look up seasons, sizes, bag, rods and hooks, and note them under Before you go: they come before anything said here.',
            )
            : new Caution(
                'rules', 'Your notes of the rules'.($day->waterName === null ? '' : ", {$day->waterName}"),
                rtrim($day->localRules, '.').'.',
            );
    }
}
