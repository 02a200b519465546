<?php

declare(strict_types=1);

namespace Eskith\Core\Record;

use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Choosing\Rule;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\Verdict;
use Eskith\Core\Choosing\WeightSteps;

/** How the angler's record enters the choice: one rule beside the others, shown, switched off and weighed like them. */
final class RecordRule
{
    public const ID = 'R1';

    /** Points that the record gives, at most, either way. */
    private const MOST = 4.0;

    /** Null while nothing is clear: then it is silent. */
    public static function of(Learning $learning): ?Rule
    {
        $levels = [];
        foreach ($learning->levels as $level) {
            if ($level->points !== 0.0) {
                $levels[$level->factor][$level->level] = $level;
            }
        }

        return $levels === [] ? null : Rule::ofAll(
            self::ID, 'What your own record says of family, weight, finish, hole and cadence for this fish at such temperatures.', [],
            self::MOST, static fn (Situation $s, Candidate $c): ?Verdict => self::verdict($levels, $s, $c),
        );
    }

    /**
     * The level a day starts from, touches per rod-hour.
     *
     * @param  float  $firstRules  points that the rules give the first, as the angler weighs them
     * @param  float  $bestRules  the most that they give any
     * @param  float  $firstRecord  points that the record gives the first
     */
    public static function dayRate(Learning $learning, float $firstRules, float $bestRules, float $firstRecord): float
    {
        return $learning->rate * $learning->meanOuting * exp(0.25 * ($firstRules - $bestRules)) * exp(0.25 * $firstRecord);
    }

    /** @param  array<string, array<array-key, Level>>  $levels  by factor and level */
    private static function verdict(array $levels, Situation $situation, Candidate $candidate): ?Verdict
    {
        $speaking = array_filter([
            $levels['family'][$candidate->lure->family->value] ?? null,
            isset($levels['weight_step'])
                ? $levels['weight_step'][(string) WeightSteps::index($candidate->lure->massKg, $situation->aim->species)] ?? null
                : null,
            $levels['finish'][$candidate->lure->finish] ?? null,
            isset($levels['hole']) ? $levels['hole'][$candidate->hole()->name ?? ''] ?? null : null,
            $levels['cadence'][$candidate->cadence->value ?? ''] ?? null,
        ]);
        $points = 0.0;
        foreach ($speaking as $level) {
            $points += $level->points;
        }
        // Put into words only for the few that are told.
        $said = $situation->say->isSilent() ? [] : array_map(
            static fn (Level $level): string => self::words($level, $situation, $candidate), $speaking,
        );

        return Verdict::of(round(max(-self::MOST, min(self::MOST, $points)), 2), 'Your record: '.implode('; ', $said).'.');
    }

    /** "gold 1.4 times as often as the rules expect, 14 touches in 9.2 h" */
    private static function words(Level $level, Situation $situation, Candidate $candidate): string
    {
        $name = match ($level->factor) {
            'weight_step' => $situation->say->weight(WeightSteps::series($situation->aim->species)[(int) $level->level]),
            'hole' => "the {$level->level} hole",
            'cadence' => $candidate->cadence?->word() ?? $level->level,
            'family' => LureNames::family($candidate->lure),
            default => str_replace('_', ' and ', $level->level),
        };

        return $name.' '.number_format($level->multiplier, 1).' times as often as the rules expect, '.round($level->touches).' touches in '
            .number_format($level->hours, 1).' h';
    }
}
