<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Rules;

use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\FinishSchool;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Choosing\Rule;
use Eskith\Core\Choosing\Scope;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\Verdict;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Water\Clarity;
use Eskith\Core\Water\Food;
use Eskith\Core\Water\Light;

/** Which finish. For bream it matters little: most of these are halved. */
final class FinishRules
{
    /** Rod-minutes on bright metal without a touch after which it counts as refused. */
    private const REFUSED_MIN = 20.0;

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
            self::rule('C1', 'Forage and silhouette: silver as a rule.', [Reading::Clarity, Reading::Light], 1,
                static fn (Situation $s, Lure $lure): ?array => $forage($s) && $lure->finish === 'silver' && self::yellowFood($s) === null && self::paleFood($s) === null && self::dimOrMurky($s) === null
                    ? [1, "{$s->water->light?->word()} light and clear water".self::foodWords($s).': silver as a rule.'] : null),
            self::rule('C2', 'Forage and silhouette: gold or perch where the food is yellow-flanked.', [], 2,
                static fn (Situation $s, Lure $lure): ?array => $forage($s) && ($lure->finish === 'perch' || $lure->hasGold()) && ($food = self::yellowFood($s)) !== null
                    ? [2, "{$food->word()} about: ".($lure->finish === 'perch' ? 'the perch pattern looks like food.' : ($lure->finish === 'gold' ? 'gold' : 'a little gold').' flashes like their flanks.')] : null),
            self::rule('C3', 'Forage and silhouette: paint when it is dim or murky.', [], 2,
                static fn (Situation $s, Lure $lure): ?array => $forage($s) && in_array($lure->finish, ['white', 'chartreuse'], true) && ($why = self::dimOrMurky($s)) !== null
                    ? [$lure->finish === 'white' ? 2 : 1, $lure->finish === 'white' ? "{$why}: white shows a bigger shape than metal." : "{$why}: chartreuse shows, second to white."] : null),
            self::rule('C4', 'Flash by light: silver under sun, gold under cloud.', [Reading::Light], 2,
                static fn (Situation $s, Lure $lure): ?array => match (true) {
                    ! $flash($s) => null,
                    $s->water->light === Light::Bright && $lure->finish === 'silver' => [2, 'bright light: silver flashes best under sun.'],
                    $s->water->light === Light::Dim && $lure->hasGold() => [2, 'dim light: '.($lure->finish === 'gold' ? 'gold' : 'a little gold').' flashes best under cloud.'],
                    default => null,
                }),
        ];
    }

    /** @return list<Rule> */
    private static function both(): array
    {
        return [
            self::rule('C5', 'Chartreuse helps in stained and dirty water.', [Reading::Clarity], 1,
                static fn (Situation $s, Lure $lure): ?array => $lure->finish !== 'chartreuse' ? null : match ($s->water->clarity) {
                    Clarity::Stained => [0.5, 'stained water: chartreuse carries in it.'],
                    Clarity::Dirty => [1, 'dirty water: chartreuse carries farthest in it.'],
                    default => null,
                }),
            self::rule('C6', 'In clear water natural, or black and white.', [Reading::Clarity], 1,
                static fn (Situation $s, Lure $lure): ?array => $s->water->clarity === Clarity::Clear && in_array($lure->finish, ['natural', 'black_white'], true)
                    ? [1, 'clear water: they see it well, so it may look like life.'] : null),
            self::rule('C7', 'White or silver where the food is shad or alewife.', [], 1,
                static fn (Situation $s, Lure $lure): ?array => in_array($lure->finish, ['white', 'silver'], true) && ($food = self::paleFood($s)) !== null
                    ? [1, "{$food->word()} about: {$lure->finish} looks like them."] : null),
            new Rule('C8', Scope::Finish, 'Bright metal refused today: go natural.', [], 2,
                static fn (Situation $s, Candidate $c): ?Verdict => $c->lure->finish === 'natural' && $s->brightMetalMin >= self::REFUSED_MIN && ! $s->brightMetalTouched
                    ? Verdict::of(2, round($s->brightMetalMin).' minutes on bright metal without a touch: try natural.') : null),
            new Rule('C9', Scope::Finish, 'A spot of red near the hooks gives fish something to aim at.', [], 0.5,
                static fn (Situation $s, Candidate $c): ?Verdict => $c->lure->redNearHooks
                    ? Verdict::of(self::halved($s, 0.5), 'Red near the hooks: something to aim at.') : null),
            new Rule('C10', Scope::Finish, 'For bream dark first.', [], 1,
                static fn (Situation $s, Candidate $c): ?Verdict => $s->aim->species === Species::Bream && $c->lure->finish === 'black'
                    ? Verdict::of(1, 'Bream sought: dark first.') : null),
            self::rule('C11', 'Always a little gold somewhere on the lure.', [], 1,
                static fn (Situation $s, Lure $lure): ?array => $s->schools->gold && $lure->hasGold() ? [1, 'you want a little gold, and this one has it.'] : null),
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
     * @param  list<Reading>  $needs
     * @param  \Closure(Situation, Lure): (array{float|int, string}|null)  $judge  points and sentence for finish and accents
     */
    private static function rule(string $id, string $says, array $needs, float $stake, \Closure $judge): Rule
    {
        return new Rule($id, Scope::Finish, $says, $needs, $stake, static function (Situation $s, Candidate $c) use ($judge): ?Verdict {
            $found = $judge($s, $c->lure);

            return $found === null ? null : Verdict::of(self::halved($s, $found[0]), ucfirst($found[1]));
        });
    }
}
