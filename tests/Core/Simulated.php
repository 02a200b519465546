<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Record\Learning;
use Eskith\Core\Record\LearningSample;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Anglers whose truth is known: how often which lure is touched, how much days differ, how touches come in groups. */
final class Simulated
{
    private readonly Randomizer $dice;

    /**
     * @param  float  $days  spread of the logarithm of a day's level; 0 where all days are alike
     * @param  bool  $groups  touches come in groups of one to three
     */
    public function __construct(int $seed, private readonly float $days, private readonly bool $groups)
    {
        $this->dice = new Randomizer(new Mt19937($seed));
    }

    public function roll(float $low = 0.0, float $high = 1.0): float
    {
        return $low + ($high - $low) * $this->dice->getInt(0, 999_999_999) / 1e9;
    }

    public function among(int $count): int
    {
        return $this->dice->getInt(0, $count - 1);
    }

    /** The level of a day, 1 on average. */
    public function day(): float
    {
        $normal = sqrt(-2 * log(max(1e-12, $this->roll()))) * cos(2 * M_PI * $this->roll());

        return exp($this->days * $normal - $this->days ** 2 / 2);
    }

    /** Touches in so many hours. */
    public function touches(float $perHour, float $hours): int
    {
        if (! $this->groups) {
            return $this->poisson($perHour * $hours);
        }
        $groups = $this->poisson($perHour * $hours / 2);
        $touches = 0;
        for ($i = 0; $i < $groups; $i++) {
            $touches += 1 + $this->among(3);
        }

        return $touches;
    }

    private function poisson(float $mean): int
    {
        $limit = exp(-$mean);
        $product = $this->roll();
        for ($count = 0; $product > $limit && $count < 500; $count++) {
            $product *= $this->roll();
        }

        return $count;
    }

    /**
     * A water of its own and an angler who chooses there, outing after outing: the rate of what is chosen after so many,
     * with the record and by the rules alone.
     *
     * @param  array<string, float>  $truth  by how much the rules are wrong: multiplier by "factor:level"
     * @param  list<int>  $after  outings
     * @return array<int, array{float, float}> by outings: with the record, and by the rules
     */
    public function season(array $truth, array $after): array
    {
        $candidates = self::candidates();
        $true = static fn (array $one): float => 1.2 * exp(0.25 * $one['points']) * array_product(array_map(
            static fn (string $factor): float => $truth["{$factor}:{$one['levels'][$factor]}"] ?? 1.0, array_keys($one['levels']),
        ));
        $best = max(array_column($candidates, 'points'));
        $rows = [];
        $found = [];
        for ($outing = 1; $outing <= max($after); $outing++) {
            $chosen = self::chosen($candidates, $rows === [] ? null : Learning::of($rows));
            $day = $this->day();
            // What is chosen is fished longest; when it goes quiet one thing is changed, as the ladder says.
            $steps = array_values(array_filter(
                $chosen, static fn (array $one): bool => count(array_diff_assoc($one['levels'], $chosen[0]['levels'])) === 1,
            ));
            $fished = [
                [$chosen[0], 2.0], [$steps[$this->among(2)], 0.9], [$steps[2 + $this->among(2)], 0.8], [$steps[4 + $this->among(3)], 0.6],
            ];
            foreach ($fished as [$one, $hours]) {
                $rows[] = new LearningSample(
                    (string) $outing, $one['levels'], $one['points'] - $best, $hours, $this->touches($true($one) * $day, $hours), 1.0,
                );
            }
            if (in_array($outing, $after, true)) {
                $found[$outing] = [$true(self::chosen($candidates, Learning::of($rows))[0]), $true(self::chosen($candidates, null)[0])];
            }
        }

        return $found;
    }

    /**
     * @param  list<array{levels: array<string, string>, points: float}>  $candidates
     * @return list<array{levels: array<string, string>, points: float}> best first
     */
    private static function chosen(array $candidates, ?Learning $learning): array
    {
        $record = [];
        foreach ($learning->levels ?? [] as $level) {
            $record[$level->factor][$level->level] = $level->points;
        }
        $worth = [];
        foreach ($candidates as $i => $one) {
            $points = 0.0;
            foreach ($one['levels'] as $factor => $level) {
                $points += $record[$factor][$level] ?? 0.0;
            }
            $worth[$i] = $one['points'] + max(-4.0, min(4.0, $points));
        }
        arsort($worth);

        return array_map(static fn (int $i): array => $candidates[$i], array_keys($worth));
    }

    /** @return list<array{levels: array<string, string>, points: float}> a box, as the rules see it */
    private static function candidates(): array
    {
        $of = [
            'finish' => ['white' => 2.0, 'gold' => 2.0, 'silver' => 1.0, 'chartreuse' => 0.5, 'natural' => 0.0],
            'weight_step' => ['3' => 1.0, '2' => 0.0], 'hole' => ['middle' => 0.0, 'front' => -1.0, 'back' => -1.0],
            'cadence' => ['low_hop' => 2.0, 'short_pop' => 1.0],
        ];
        $found = [['levels' => ['family' => 'blade'], 'points' => 3.0]];
        foreach ($of as $factor => $levels) {
            $next = [];
            foreach ($found as $one) {
                foreach ($levels as $level => $points) {
                    $next[] = ['levels' => [...$one['levels'], $factor => (string) $level], 'points' => $one['points'] + $points];
                }
            }
            $found = $next;
        }

        return $found;
    }
}
