<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Rules;

use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\FinishSchool;
use Eskith\Core\Choosing\Need;
use Eskith\Core\Choosing\Rule;
use Eskith\Core\Choosing\Scope;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\Verdict;
use Eskith\Core\Water\Clarity;
use Eskith\Core\Water\Food;
use Eskith\Core\Water\Light;

/** Which finish. For bream it matters little: most of these are halved. */
final class FinishRules
{
    /** Drops on bright metal without a touch after which it counts as refused. */
    private const REFUSED_DROPS = 6;

    /** @return list<Rule> */
    public static function all(): array
    {
        return [...self::bySchool(), ...self::both()];
    }

    /** @return list<Rule> */
    private static function bySchool(): array
    {
        $forage = static fn (Situation $s): bool => $s->schools->finish === FinishSchool::ForageAndSilhouette;
        $flash = static fn (Situation $s): bool => $s->schools->finish === FinishSchool::FlashByLight;

        return [
            self::rule('C1', 'Forage and silhouette: silver as a rule.', [Need::Clarity, Need::Light], 1,
                static fn (Situation $s, string $finish): ?array => $forage($s) && $finish === 'silver' && self::yellowFood($s) === null && self::dimOrMurky($s) === null
                    ? [1, "{$s->water->light?->word()} light and clear water".self::foodWords($s).': silver as a rule.'] : null),
            self::rule('C2', 'Forage and silhouette: gold or perch where the food is yellow-flanked.', [], 2,
                static fn (Situation $s, string $finish): ?array => $forage($s) && in_array($finish, ['perch', 'gold'], true) && ($food = self::yellowFood($s)) !== null
                    ? [2, "{$food->word()} about: ".($finish === 'gold' ? 'gold flashes like their flanks.' : 'the perch pattern looks like food.')] : null),
            self::rule('C3', 'Forage and silhouette: paint when it is dim or murky.', [], 2,
                static fn (Situation $s, string $finish): ?array => $forage($s) && in_array($finish, ['white', 'chartreuse'], true) && ($why = self::dimOrMurky($s)) !== null
                    ? [$finish === 'white' ? 2 : 1, $finish === 'white' ? "{$why}: white shows a bigger shape than metal." : "{$why}: chartreuse shows, second to white."] : null),
            self::rule('C4', 'Flash by light: silver under sun, gold under cloud.', [Need::Light], 2,
                static fn (Situation $s, string $finish): ?array => ! $flash($s) ? null : match ([$s->water->light, $finish]) {
                    [Light::Bright, 'silver'] => [2, 'bright light: silver flashes best under sun.'],
                    [Light::Dim, 'gold'] => [2, 'dim light: gold flashes best under cloud.'],
                    default => null,
                }),
        ];
    }

    /** @return list<Rule> */
    private static function both(): array
    {
        return [
            self::rule('C5', 'Chartreuse helps in stained and dirty water.', [Need::Clarity], 1,
                static fn (Situation $s, string $finish): ?array => $finish !== 'chartreuse' ? null : match ($s->water->clarity) {
                    Clarity::Stained => [0.5, 'stained water: chartreuse carries in it.'],
                    Clarity::Dirty => [1, 'dirty water: chartreuse carries farthest in it.'],
                    default => null,
                }),
            self::rule('C6', 'In clear water natural, or black and white.', [Need::Clarity], 1,
                static fn (Situation $s, string $finish): ?array => $s->water->clarity === Clarity::Clear && in_array($finish, ['natural', 'black_white'], true)
                    ? [1, 'clear water: they see it well, so it may look like life.'] : null),
            self::rule('C7', 'White or silver where the food is shad or alewife.', [], 1,
                static fn (Situation $s, string $finish): ?array => in_array($finish, ['white', 'silver'], true) && ($food = self::paleFood($s)) !== null
                    ? [1, "{$food->word()} about: {$finish} looks like them."] : null),
            new Rule('C8', Scope::Finish, 'Bright metal refused today: go natural.', [], 2,
                static fn (Situation $s, Candidate $c): ?Verdict => $c->lure->finish === 'natural' && $s->dropsOnBrightMetal >= self::REFUSED_DROPS && ! $s->brightMetalTouched
                    ? Verdict::of(2, "{$s->dropsOnBrightMetal} drops on bright metal without a touch: try natural.") : null),
            new Rule('C9', Scope::Finish, 'A spot of red near the hooks gives fish something to aim at.', [], 0.5,
                static fn (Situation $s, Candidate $c): ?Verdict => $c->lure->redNearHooks
                    ? Verdict::of(self::halved($s, 0.5), 'Red near the hooks: something to aim at.') : null),
            new Rule('C10', Scope::Finish, 'For bream dark first.', [], 1,
                static fn (Situation $s, Candidate $c): ?Verdict => $s->aim->species === Species::Bream && $c->lure->finish === 'black'
                    ? Verdict::of(1, 'Bream sought: dark first.') : null),
        ];
    }

    private static function yellowFood(Situation $s): ?Food
    {
        return self::firstOf($s, [Food::Perch, Food::Sunfish, Food::GoldenShiner]);
    }

    /** What they feed on, where it was read. */
    private static function foodWords(Situation $s): string
    {
        return $s->water->food === [] ? '' : ", {$s->water->food[0]->word()} about";
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

        return $dim !== null && $murky !== null ? "{$dim} and {$murky}" : ($dim ?? $murky);
    }

    private static function halved(Situation $s, float $points): float
    {
        return $s->aim->species === Species::Bream ? $points / 2 : $points;
    }

    /**
     * @param  list<Need>  $needs
     * @param  \Closure(Situation, string): (array{float|int, string}|null)  $judge  points and sentence for a finish
     */
    private static function rule(string $id, string $says, array $needs, float $stake, \Closure $judge): Rule
    {
        return new Rule($id, Scope::Finish, $says, $needs, $stake, static function (Situation $s, Candidate $c) use ($judge): ?Verdict {
            $found = $judge($s, $c->lure->finish);

            return $found === null ? null : Verdict::of(self::halved($s, $found[0]), ucfirst($found[1]));
        });
    }
}
