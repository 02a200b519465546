<?php

declare(strict_types=1);

namespace Eskith\Core\Record;

use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Choosing\Parts;
use Eskith\Core\Choosing\Rule;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\WeightSteps;
use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Words\Words;

/** How the angler's record enters the choice: one rule beside the others, shown, switched off and weighed like them. */
final readonly class RecordRule implements Parts
{
    public const ID = 'R1';

    /** Points that the record gives, at most, either way. */
    private const MOST = 4.0;

    /** @param  array<string, array<array-key, Level>>  $levels  that are clear, by factor and level */
    private function __construct(private array $levels)
    {
    }

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
            self::ID, 'Your own record of family, weight, finish, hole and cadence for this fish and temperature.', [],
            self::MOST, new self($levels),
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

    public function ofLure(Situation $situation, Lure $lure): float
    {
        $points = 0.0;
        foreach ($this->ofTheLure($situation, $lure) as $level) {
            $points += $level->points;
        }

        return $points;
    }

    public function ofHole(?Hole $hole): float
    {
        return ($this->levels['hole'][$hole->name ?? ''] ?? null)->points ?? 0.0;
    }

    public function ofCadence(?Cadence $cadence): float
    {
        return ($this->levels['cadence'][$cadence->value ?? ''] ?? null)->points ?? 0.0;
    }

    public function words(Situation $situation, Candidate $candidate): string
    {
        $speaking = array_filter([
            ...$this->ofTheLure($situation, $candidate->lure), $this->levels['hole'][$candidate->hole()->name ?? ''] ?? null,
            $this->levels['cadence'][$candidate->cadence->value ?? ''] ?? null,
        ]);
        // Put into words only for the few that are told.
        $said = $situation->say->isSilent() ? [] : array_map(
            static fn (Level $level): string => self::said($level, $situation, $candidate), $speaking,
        );

        return Words::of('Your record: {said}.', said: implode('; ', $said));
    }

    /** @return list<Level> */
    private function ofTheLure(Situation $situation, Lure $lure): array
    {
        $found = [];
        foreach ([
            $this->levels['family'][$lure->family->value] ?? null,
            isset($this->levels['weight_step'])
                ? $this->levels['weight_step'][(string) WeightSteps::index($lure->massKg, $situation->aim->species)] ?? null
                : null,
            $this->levels['finish'][$lure->finish] ?? null,
        ] as $level) {
            if ($level !== null) {
                $found[] = $level;
            }
        }

        return $found;
    }

    /** "gold 1.4× the expected bites, 14 bites in 9.2 h" */
    private static function said(Level $level, Situation $situation, Candidate $candidate): string
    {
        $name = match ($level->factor) {
            'weight_step' => $situation->say->weight(WeightSteps::series($situation->aim->species)[(int) $level->level]),
            'hole' => Words::of('the {level} hole', level: $level->level),
            'cadence' => $candidate->cadence?->word() ?? $level->level,
            'family' => LureNames::family($candidate->lure),
            default => str_replace('_', ' and ', $level->level),
        };

        return Words::of(
            '{name} {multiplier}× the expected bites, {bites} bites in {hours} h',
            name: $name,
            multiplier: number_format($level->multiplier, 1),
            bites: round($level->touches),
            hours: number_format($level->hours, 1),
        );
    }
}
