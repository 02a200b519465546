<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Rules;

use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\FinishSchool;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Choosing\Rule;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\Subjects\FinishFacts;
use Eskith\Core\Choosing\Verdict;
use Eskith\Core\Water\Clarity;
use Eskith\Core\Water\Food;
use Eskith\Core\Water\Light;
use Eskith\Core\Words\Words;

/** Which finish. For bream it matters little: most of these are halved. */
final class FinishRules
{
    /** Rod-minutes on bright metal without a bite after which it counts as refused. */
    private const REFUSED_MIN = 20.0;

    /** @return list<Rule> */
    public static function all(): array
    {
        return [...self::bySchool(), ...self::both()];
    }

    /** @return list<Rule> */
    private static function bySchool(): array
    {
        return [
            Rule::ofLook('C1', 'Forage and silhouette: silver as a rule.', [Reading::Clarity, Reading::Light], 1, self::silverAsARule(...)),
            Rule::ofLook('C2', 'Forage and silhouette: gold or perch where the food is yellow-flanked.', [], 2, self::likeTheFood(...)),
            Rule::ofLook('C3', 'Forage and silhouette: paint when it is dim or murky.', [], 2, self::paint(...)),
            Rule::ofLook('C4', 'Flash by light: silver under sun, gold under cloud.', [Reading::Light], 2, self::flash(...)),
        ];
    }

    /** @return list<Rule> */
    private static function both(): array
    {
        return [
            Rule::ofLook('C5', 'Chartreuse helps in stained and dirty water.', [Reading::Clarity], 1,
                static fn (Situation $s, FinishFacts $look): ?Verdict => $look->finish !== 'chartreuse'
                    ? null
                    : match ($s->water->clarity) {
                        Clarity::Stained => self::verdict($s, 0.5, 'Stained water: chartreuse carries in it.'),
                        Clarity::Dirty => self::verdict($s, 1, 'Dirty water: chartreuse carries farthest in it.'),
                        Clarity::Clear, null => null,
                    }),
            Rule::ofLook('C6', 'In clear water natural, or black and white.', [Reading::Clarity], 1,
                static fn (Situation $s, FinishFacts $look): ?Verdict => $s->water->clarity === Clarity::Clear
                    && in_array($look->finish, ['natural', 'black_white'], true)
                    ? self::verdict($s, 1, 'Clear water: they see it well, so it may look like life.') : null),
            Rule::ofLook('C7', 'White or silver where the food is shad or alewife.', [], 1,
                static fn (Situation $s, FinishFacts $look): ?Verdict => in_array($look->finish, ['white', 'silver'], true)
                    && ($food = self::paleFood($s)) !== null
                    ? self::verdict($s, 1, Words::of(
                        '{food} about: {finish} looks like them.', food: ucfirst($food->word()), finish: $look->finish,
                    )) : null),
            Rule::ofLook('C8', 'Bright metal refused today: go natural.', [], 2,
                static fn (Situation $s, FinishFacts $look): ?Verdict => $look->finish === 'natural'
                    && $s->brightMetalMin >= self::REFUSED_MIN
                    && ! $s->brightMetalTouched
                    ? Verdict::of(
                        2, '{minutes} minutes on bright metal, no bite: try natural.', minutes: round($s->brightMetalMin),
                    ) : null),
            Rule::ofLook('C9', 'A spot of red near the hooks gives fish something to aim at.', [], 0.5,
                static fn (Situation $s, FinishFacts $look): ?Verdict => $look->redNearHooks()
                    ? self::verdict($s, 0.5, 'Red near the hooks: something to aim at.') : null),
            Rule::ofLook('C10', 'For bream dark first.', [], 1,
                static fn (Situation $s, FinishFacts $look): ?Verdict => $s->aim->species === Species::Bream && $look->finish === 'black'
                    ? Verdict::of(1, 'Bream sought: dark first.') : null),
            Rule::ofLook('C11', 'Always a little gold somewhere on the lure.', [], 1,
                static fn (Situation $s, FinishFacts $look): ?Verdict => $s->schools->gold && $look->hasGold()
                    ? self::verdict($s, 1, 'You want a little gold, and this one has it.') : null),
        ];
    }

    private static function silverAsARule(Situation $s, FinishFacts $look): ?Verdict
    {
        if (
            ! self::byForage($s)
                || $look->finish !== 'silver'
                || self::yellowFood($s) !== null
                || self::paleFood($s) !== null
                || self::dimOrMurky($s) !== null
        ) {
            return null;
        }

        return self::verdict(
            $s, 1, Words::of(
                $s->water->food === []
                    ? '{light} light and clear water: silver as a rule.'
                    : '{light} light and clear water, {food} about: silver as a rule.',
                light: Words::upper($s->water->light?->word() ?? ''), food: ($s->water->food[0] ?? null)?->word(),
            ),
        );
    }

    private static function likeTheFood(Situation $s, FinishFacts $look): ?Verdict
    {
        $food = self::yellowFood($s);
        if (! self::byForage($s) || $food === null || ! ($look->finish === 'perch' || $look->hasGold())) {
            return null;
        }
        $like = $look->finish === 'perch' ? 'the perch pattern looks like food' : Words::of(
            '{metal} flashes like their flanks', metal: self::goldWords($look),
        );

        return self::verdict($s, 2, Words::of('{food} about: {like}.', food: ucfirst($food->word()), like: $like));
    }

    private static function paint(Situation $s, FinishFacts $look): ?Verdict
    {
        $why = ucfirst(self::dimOrMurky($s) ?? '');
        if (! self::byForage($s) || $why === '') {
            return null;
        }

        return match ($look->finish) {
            'white' => self::verdict($s, 2, Words::of('{why}: white shows a bigger shape than metal.', why: $why)),
            'chartreuse' => self::verdict($s, 1, Words::of('{why}: chartreuse shows, second to white.', why: $why)),
            default => null,
        };
    }

    private static function flash(Situation $s, FinishFacts $look): ?Verdict
    {
        return match (true) {
            $s->schools->finish !== FinishSchool::FlashByLight => null,
            $s->water->light === Light::Bright
                && $look->finish === 'silver' => self::verdict($s, 2, 'Bright light: silver flashes best under sun.'),
            $s->water->light === Light::Dim
                && $look->hasGold() => self::verdict($s, 2, Words::of(
                    'Dim light: {metal} flashes best under cloud.', metal: self::goldWords($look),
                )),
            default => null,
        };
    }

    private static function byForage(Situation $s): bool
    {
        return $s->schools->finish === FinishSchool::ForageAndSilhouette;
    }

    private static function goldWords(FinishFacts $look): string
    {
        return $look->finish === 'gold' ? 'gold' : 'a little gold';
    }

    private static function yellowFood(Situation $s): ?Food
    {
        return self::firstOf($s, [Food::Perch, Food::Sunfish, Food::GoldenShiner]);
    }

    private static function paleFood(Situation $s): ?Food
    {
        return self::firstOf($s, [Food::Shad, Food::Alewife]);
    }

    /** @param  list<Food>  $wanted */
    private static function firstOf(Situation $s, array $wanted): ?Food
    {
        foreach ($s->water->food as $food) {
            if (in_array($food, $wanted, true)) {
                return $food;
            }
        }

        return null;
    }

    private static function dimOrMurky(Situation $s): ?string
    {
        $murky = in_array($s->water->clarity, [Clarity::Stained, Clarity::Dirty], true) ? $s->water->clarity->word() : null;
        $dim = $s->water->light === Light::Dim ? 'dim' : null;

        return $dim !== null && $murky !== null ? Words::of('{dim} and {murky}', dim: $dim, murky: $murky) : ($dim ?? $murky);
    }

    /** Halved for bream. */
    private static function verdict(Situation $s, float $points, string $text): ?Verdict
    {
        return Verdict::of($s->aim->species === Species::Bream ? $points / 2 : $points, $text);
    }
}
