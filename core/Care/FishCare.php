<?php

declare(strict_types=1);

namespace Eskith\Core\Care;

use Eskith\Core\Units\UnitSet;
use Eskith\Core\Words\Words;

/** The one thing to mind with a fish in hand, at the moment it matters. */
final class FishCare
{
    /** m from which a fish's swim bladder swells as it comes up. */
    private const DEEP_M = 9.0;

    private const SPINY = [
        'walleye', 'sauger', 'perch', 'bream', 'white bass', 'smallmouth', 'largemouth', 'crappie', 'channel catfish', 'catfish', 'bass',
        'striped bass', 'snapper',
    ];

    /** Fish that let gas out by the mouth as they come up: theirs does not swell. */
    private const VENTING = ['lake trout', 'trout', 'pike', 'catfish', 'channel catfish'];

    private const TOOTHED = ['pike', 'lake trout'];

    /**
     * In this order: what may not be caught at all, what cannot be let go again, what stings; '' where nothing is to be minded.
     *
     * @param  string  $fish  its name
     * @param  string  $protected  fish that may not be sought here, in the angler's words
     */
    public static function line(string $fish, ?float $depthM, string $protected, UnitSet $units): string
    {
        $name = mb_strtolower(str_replace('_', ' ', $fish));

        $swells = ! in_array($name, self::VENTING, true);

        return match (true) {
            self::isNamed($name, $protected) => 'Protected here, by your notes: keep it in the water and let it go.',
            $swells && $depthM !== null && $depthM > self::DEEP_M => Words::of(
                'From {depth} its bladder has swollen {swelling}×: use a descending device, or keep what you may.',
                depth: $units->depth->print($depthM), swelling: round(SwimBladder::swelling($depthM), 1),
            ),
            in_array($name, self::SPINY, true) => 'Mind the spines; pliers for the trebles.',
            in_array($name, self::TOOTHED, true) => 'Mind the teeth; long pliers for the trebles.',
            default => '',
        };
    }

    private static function isNamed(string $fish, string $protected): bool
    {
        return $fish !== '' && preg_match('/(?<!\pL)'.preg_quote($fish, '/').'s?(?!\pL)/iu', $protected) === 1;
    }
}
