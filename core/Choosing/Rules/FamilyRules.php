<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Rules;

use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\Mood;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Choosing\Rule;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\Subjects\WeightFacts;
use Eskith\Core\Choosing\TempBand;
use Eskith\Core\Choosing\Verdict;
use Eskith\Core\Choosing\Zone;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Units\Constants;
use Eskith\Core\Water\Bottom;
use Eskith\Core\Water\Clarity;
use Eskith\Core\Water\Trend;
use Eskith\Core\Words\Words;

/** Which family of lure. */
final class FamilyRules
{
    /** @return list<Rule> */
    public static function all(): array
    {
        return self::inOrder([...self::byTemperature(), ...self::byPlace(), ...self::byFish()]);
    }

    /** @return list<Rule> */
    private static function byTemperature(): array
    {
        return [
            Rule::ofFamily('F1', 'Blades are for cold water: best below 10 °C, poor above 15.5 °C.',
                [Reading::Temperature], 3,
                static function (Situation $s, Family $family): ?Verdict {
                    if ($family !== Family::Blade || $s->band === null) {
                        return null;
                    }
                    $at = $s->say->temperature((float) $s->water->tempC);

                    return match ($s->band) {
                        TempBand::VeryCold => Verdict::of(3, "{at}: prime blade water, and fish won't chase.", at: $at),
                        TempBand::Cold => Verdict::of(3, '{at}: cold enough for a blade at its best.', at: $at),
                        TempBand::Cool => Verdict::of(2, '{at}: a blade still works well.', at: $at),
                        TempBand::Mild => null,
                        TempBand::Warm, TempBand::Hot => $s->water->trend === Trend::Cooling ? null : ($s->band === TempBand::Warm
                            ? Verdict::of(-1, '{at}: rather warm for a blade.', at: $at)
                            : Verdict::of(-2, '{at}: too warm for a blade.', at: $at)),
                    };
                }),
            Rule::ofFamily('F2', 'Spoons are best from 15 °C down.', [Reading::Temperature], 2,
                static function (Situation $s, Family $family): ?Verdict {
                    if ($family !== Family::Spoon || $s->band === null) {
                        return null;
                    }
                    $at = $s->say->temperature((float) $s->water->tempC);

                    return match (true) {
                        $s->band->atMost(TempBand::Cool) => Verdict::of(2, '{at}: a mainstay temperature for a spoon.', at: $at),
                        $s->band === TempBand::Mild => Verdict::of(1, '{at}: cool enough that spoons begin to work.', at: $at),
                        default => null,
                    };
                }),
            Rule::ofFamily('F3', 'In deep summer spoons reach fish in the thermocline.', [Reading::SurfaceTemperature], 3,
                static fn (Situation $s, Family $family): ?Verdict => $family->isSpoon()
                    && $s->aim->zone === Zone::Thermocline
                    && $s->water->surfaceTempC > 20
                    ? Verdict::of(
                        3, '{temperature} on top, fish in the thermocline: spoon.',
                        temperature: $s->say->temperature((float) $s->water->surfaceTempC),
                    )
                    : null),
            Rule::ofFamily('F13', 'As warm water cools, bait gathers on the breaks.', [Reading::Temperature, Reading::Trend], 2,
                static fn (Situation $s, Family $family): ?Verdict => in_array($family, [Family::Blade, Family::Spoon], true)
                    && $s->water->trend === Trend::Cooling && $s->water->tempC > 15.5
                    ? Verdict::of(
                        2, 'Cooling, still {temperature}: bait on the breaks, in reach.',
                        temperature: $s->say->temperature($s->water->tempC),
                    )
                    : null),
        ];
    }

    /** @return list<Rule> */
    private static function byPlace(): array
    {
        return [
            Rule::ofFamily('F4', 'Tail spinners belong on steep rock walls.', [Reading::Wall], 4,
                static function (Situation $s, Family $family): ?Verdict {
                    if ($family !== Family::TailSpinner) {
                        return null;
                    }
                    if ($s->water->wall === false) {
                        return Verdict::of(-1, 'No wall here: no ledges for a tail spinner.');
                    }

                    return $s->band !== null && $s->band->atMost(TempBand::Cool)
                        ? Verdict::of(
                            4, "A wall at {temperature}: the tail spinner's place.",
                            temperature: $s->say->temperature((float) $s->water->tempC),
                        )
                        : null;
                }),
            Rule::ofFamily('F6', 'Spoons are seen: good in clear water, poor in dirty.', [Reading::Clarity], 2,
                static fn (Situation $s, Family $family): ?Verdict => ! $family->isSpoon() ? null : match ($s->water->clarity) {
                    Clarity::Clear => Verdict::of(1, 'Clear water: a spoon is seen from afar.'),
                    Clarity::Dirty => Verdict::of(-2, 'Dirty water: a spoon is hardly seen.'),
                    default => null,
                }),
            Rule::ofFamily('F7', 'Blades call by vibration where water isn\'t clear.', [Reading::Clarity], 1,
                static fn (Situation $s, Family $family): ?Verdict => $family === Family::Blade
                    && in_array($s->water->clarity, [Clarity::Stained, Clarity::Dirty], true)
                    ? Verdict::of(1, '{clarity} water: they feel a blade before seeing it.', clarity: ucfirst($s->water->clarity->word()))
                    : null),
            Rule::ofWeight('F8', 'Bare hooks foul in thick weed. Weedless spoons go through.',
                [Reading::Bottom], 3, self::inWeed(...)),
            Rule::ofFamily('F9', 'Hard bottom, low grass or a ridge in mud suit these lures.', [Reading::Bottom], 1,
                static fn (Situation $s, Family $family): ?Verdict => ! $s->onBottom() ? null : match (true) {
                    $s->water->bottom?->isFirm() === true => Verdict::of(1, match ($s->water->bottom) {
                        Bottom::ShortGrass => 'Short grass: it comes through clean, fish lie there.',
                        Bottom::MudRidge => 'A ridge in the mud: fish gather there.',
                        default => Words::of(
                            '{bottom}: hard bottom, where this lure works best.', bottom: ucfirst($s->water->bottom->word()),
                        ),
                    }),
                    $s->water->bottom === Bottom::Mud
                        && self::likesHardBottom($s->aim->species) => Verdict::of(
                            -1, 'Mud: {species} hold on harder bottom.', species: $s->aim->species->word(),
                        ),
                    default => null,
                }),
        ];
    }

    /** @return list<Rule> */
    private static function byFish(): array
    {
        return [
            Rule::ofFamily('F5', 'Bladed spoons are for white bass, and for sluggish fish at 10 to 13 °C.', [], 5,
                static fn (Situation $s, Family $family): ?Verdict => $family !== Family::BladedSpoon ? null : match (true) {
                    $s->aim->species === Species::WhiteBass => Verdict::of(5, 'White bass sought: the bladed spoon is their lure.'),
                    $s->aim->mood === Mood::Sluggish && $s->coolWater() => Verdict::of(
                        2, 'Sluggish fish at {temperature}: the tail blade wakes them.',
                        temperature: $s->say->temperature((float) $s->water->tempC),
                    ),
                    default => null,
                }),
            Rule::ofWeight('F10', 'Vibes are for bream, and bream for vibes.', [], 4,
                static fn (Situation $s, WeightFacts $lure): ?Verdict => $s->aim->species === Species::Bream
                    ? match (true) {
                        $lure->isVibe() => Verdict::of(4, 'Bream sought: a vibe is the size for them.'),
                        ! $lure->atMost(0.010) => Verdict::of(
                            -3, 'Bream sought: {mass} is too much of a lure.', mass: $s->say->weight($lure->massKg),
                        ),
                        default => null,
                    }
                    : ($lure->isVibe() ? Verdict::of(
                        -2, '{species} sought: a vibe is too small.', species: ucfirst($s->aim->species->word()),
                    ) : null)),
            Rule::ofWeight('F11', 'For suspended fish a light blade, or a spoon.', [], 1,
                static fn (Situation $s, WeightFacts $lure): ?Verdict => $s->suspended() && ($lure->family->isSpoon()
                    || ($lure->family === Family::Blade && $lure->atMost(3 / 8 * Constants::OUNCE_KG)))
                    ? Verdict::of(1, 'Suspended fish: light enough to hold among them.')
                    : null),
            Rule::ofWeight('F12', 'Perch and crappie take small spoons.', [], 2,
                static fn (Situation $s, WeightFacts $lure): ?Verdict => in_array(
                    $s->aim->species, [Species::Perch, Species::Crappie], true,
                )
                    && $lure->family === Family::Spoon && $lure->atMost(1 / 2 * Constants::OUNCE_KG)
                    ? Verdict::of(2, '{species} sought: a small spoon suits their mouths.', species: ucfirst($s->aim->species->word()))
                    : null),
        ];
    }

    /**
     * @param  list<Rule>  $rules
     * @return list<Rule> by number
     */
    private static function inOrder(array $rules): array
    {
        usort($rules, static fn (Rule $a, Rule $b): int => strnatcmp($a->id, $b->id));

        return $rules;
    }

    private static function inWeed(Situation $s, WeightFacts $lure): ?Verdict
    {
        if (! $s->onBottom()) {
            return null;
        }

        return match ($s->water->bottom) {
            Bottom::WeedScattered => match (true) {
                $lure->family->isSpoon() => Verdict::of(1, 'Scattered weed: a spoon is quieter than a blade.'),
                $lure->family === Family::Blade && ! $lure->isVibe() => Verdict::of(-1, 'Scattered weed catches on a blade.'),
                default => null,
            },
            Bottom::WeedThick => match (true) {
                ! $lure->weedless => Verdict::of(-3, 'Thick weed: bare hooks foul on every lift.'),
                $lure->family->isSpoon() => Verdict::of(2, 'Thick weed: a weedless spoon goes through it.'),
                default => null,
            },
            default => null,
        };
    }

    private static function likesHardBottom(Species $species): bool
    {
        return in_array($species, [Species::Walleye, Species::Sauger, Species::Smallmouth, Species::Largemouth], true);
    }
}
