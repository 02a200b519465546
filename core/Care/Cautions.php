<?php

declare(strict_types=1);

namespace Eskith\Core\Care;

use Eskith\Core\Words\Words;

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
                'cold', Words::of('{temperature} water', temperature: $day->units->temperature->print($day->waterC)),
                'Wear the life jacket.', 'Breath goes in the first minute, hands in about ten.',
            );
    }

    private static function ice(Circumstances $day): ?Caution
    {
        $near = $day->waterC !== null && $day->waterC <= self::ICE_C;

        return ! $day->ice && ! $near ? null
            : new Caution(
                'ice', $day->ice ? 'Ice about' : Words::of(
                    'Ice may be about at {temperature}', temperature: $day->units->temperature->print((float) $day->waterC),
                ),
                'Never fish alone.', 'Keep off the ice unless you know how thick it is.',
            );
    }

    private static function wind(Circumstances $day): ?Caution
    {
        return $day->windMs === null || $day->windMs < self::WINDY_MS ? null
            : new Caution(
                'wind', Words::of('{speed} of wind', speed: $day->units->speed->print($day->windMs)),
                $day->onFoot ? 'Keep back from the edge, and off wet rock.'
                    : 'Keep near shelter and turn back early.',
                $day->onFoot ? 'Waves break on banks and walls.' : 'It gets rough for a small boat.',
            );
    }

    private static function weir(Circumstances $day): ?Caution
    {
        return ! $day->weir
            ? null
            : new Caution('weir', 'Weir or dam near', 'Stay out of the marked zone.', 'The water can rise without warning.');
    }

    private static function deep(Circumstances $day): ?Caution
    {
        if ($day->depthM === null || $day->depthM <= self::DEEP_M) {
            return null;
        }
        $times = number_format(SwimBladder::swelling($day->depthM), 1);

        return new Caution(
            'deep', Words::of('{depth} deep', depth: $day->units->depth->print($day->depthM)),
            'To release fish, fish shallower or use a descending device.',
            Words::of('A swim bladder swells to {times}× on the way up.', times: $times),
        );
    }

    private static function protected(Circumstances $day): ?Caution
    {
        return $day->protected === '' ? null
            : new Caution(
                'protected', Words::of('Protected here, by your notes: {protected}', protected: $day->protected),
                'Do not fish for them.', 'One hooked by accident stays in the water and goes free; the warden knows more.',
            );
    }

    private static function spines(Circumstances $day): ?Caution
    {
        return ! in_array($day->sought, self::SPINY, true) ? null
            : new Caution(
                'spines', Words::of('{sought}: spines and trebles', sought: ucfirst($day->sought->word())),
                'Unhook with pliers, mind the back fin, hold big fish level.',
            );
    }

    private static function rules(Circumstances $day): Caution
    {
        return $day->localRules === ''
            ? new Caution(
                'rules', $day->waterName === null ? 'Local rules' : Words::of('Local rules, {water}', water: $day->waterName),
                'Look up seasons, sizes, bag, rods and hooks. They come before anything said here. Note them under Before you go.',
            )
            : new Caution(
                'rules', $day->waterName === null
                    ? 'Your notes on the rules'
                    : Words::of('Your notes on the rules, {water}', water: $day->waterName),
                rtrim($day->localRules, '.').'.',
            );
    }
}
