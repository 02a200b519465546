<?php

declare(strict_types=1);

namespace Eskith\Core\Record;

/** All that was fished over some outings: rates by factor, comparisons within the same outings, and where fish are lost. */
final readonly class Season
{
    /** Hours of a level under which it has no dot of its own. */
    private const DOT_HOURS = Comparison::LEAST_HOURS;

    /** Levels of one factor that are compared with each other: the most fished. */
    private const LEVELS = 8;

    /** Share of the hours of a level that have one level of another factor too: the two cannot be told apart. */
    private const TOGETHER = 0.8;

    /** @var array<string, list<SetupResult>> by outing */
    private array $ofOuting;

    /** @param  list<SetupResult>  $all */
    public function __construct(public array $all)
    {
        $of = [];
        foreach ($all as $one) {
            $of[$one->outing][] = $one;
        }
        $this->ofOuting = $of;
    }

    public function hours(): float
    {
        return array_sum(array_map(static fn (SetupResult $one): float => $one->hours, $this->all));
    }

    public function touches(): int
    {
        return array_sum(array_map(static fn (SetupResult $one): int => $one->touches, $this->all));
    }

    public function outings(): int
    {
        return count($this->ofOuting);
    }

    /** @return array<string, array<string, array{float, float}>> by level, then outing: touches and hours */
    public function byLevel(Factor $factor): array
    {
        $by = [];
        foreach ($this->all as $one) {
            $level = $one->levels[$factor->value] ?? null;
            if ($level === null || $one->hours <= 0.0) {
                continue;
            }
            [$touches, $hours] = $by[$level][$one->outing] ?? [0.0, 0.0];
            $by[$level][$one->outing] = [$touches + $one->touches, $hours + $one->hours];
        }

        return $by;
    }

    /** @return list<Dot> the highest rate first */
    public function dots(Factor $factor): array
    {
        $by = array_filter(
            $this->byLevel($factor), static fn (array $outings): bool => array_sum(array_column($outings, 1)) >= self::DOT_HOURS,
        );
        if ($by === []) {
            return [];
        }
        $groups = array_map(array_values(...), array_values($by));
        $best = BestRate::of($groups);
        $dots = [];
        foreach (array_keys($by) as $i => $level) {
            $dots[] = new Dot(
                level: (string) $level, rate: $best->rates[$i], touches: array_sum(array_column($groups[$i], 0)),
                hours: array_sum(array_column($groups[$i], 1)), best: $best->chances[$i], byOuting: $groups[$i],
            );
        }
        usort($dots, static fn (Dot $a, Dot $b): int => $b->rate->mean <=> $a->rate->mean);

        return $dots;
    }

    /**
     * Every pair of levels of a factor that were fished in one outing at least.
     *
     * @return list<Comparison> what is clear first, and the widest apart of it
     */
    public function comparisons(Factor $factor): array
    {
        $by = $this->byLevel($factor);
        uasort($by, static fn (array $a, array $b): int => array_sum(array_column($b, 1)) <=> array_sum(array_column($a, 1)));
        $by = array_slice($by, 0, self::LEVELS, true);
        $levels = array_map(strval(...), array_keys($by));
        $found = [];
        foreach ($levels as $i => $one) {
            foreach (array_slice($levels, $i + 1) as $other) {
                $both = array_intersect_key($by[$one], $by[$other]);
                if ($both !== []) {
                    $pair = Comparison::of($factor, $one, $by[$one], $other, $by[$other]);
                    $found[] = $pair->standing === ComparisonVerdict::Clear ? $pair->beside($this->companions($pair, $both)) : $pair;
                }
            }
        }
        usort($found, self::weightiest(...));

        return $found;
    }

    /**
     * @param  array<string, mixed>  $both  by outing in which both were fished
     * @return list<Factor> that differed with a pair there
     */
    private function companions(Comparison $pair, array $both): array
    {
        $hours = [];
        foreach ($both as $outing => $ignored) {
            foreach ($this->ofOuting[$outing] as $one) {
                $side = $one->levels[$pair->factor->value] ?? null;
                if ($side === $pair->more || $side === $pair->less) {
                    foreach ($one->levels as $factor => $level) {
                        $hours[$factor][$side][$level] = ($hours[$factor][$side][$level] ?? 0.0) + $one->hours;
                    }
                }
            }
        }
        unset($hours[$pair->factor->value]);

        return array_values(array_filter(Factor::cases(), static function (Factor $factor) use ($hours, $pair): bool {
            $usual = static function (string $side) use ($hours, $factor): ?string {
                $levels = $hours[$factor->value][$side] ?? [];
                arsort($levels);
                $first = array_key_first($levels);

                return $first !== null && $levels[$first] >= self::TOGETHER * array_sum($levels) ? (string) $first : null;
            };
            [$more, $less] = [$usual($pair->more), $usual($pair->less)];

            return $more !== null && $less !== null && $more !== $less;
        }));
    }

    /** @return list<Comparison> of all factors that a fish may see, what is clear first */
    public function allComparisons(): array
    {
        $all = [];
        foreach (Factor::cases() as $factor) {
            if ($factor->isSeen()) {
                $all = [...$all, ...$this->comparisons($factor)];
            }
        }
        usort($all, self::weightiest(...));

        return $all;
    }

    private static function weightiest(Comparison $a, Comparison $b): int
    {
        $order = array_flip(array_column(
            [ComparisonVerdict::Clear, ComparisonVerdict::Vanishes, ComparisonVerdict::Close, ComparisonVerdict::Thin], 'value',
        ));

        return [$order[$a->standing->value], -log(max(1.0, $a->ratio->low ?? 1.0)), -$a->ratio->outings]
            <=> [$order[$b->standing->value], -log(max(1.0, $b->ratio->low ?? 1.0)), -$b->ratio->outings];
    }

    /** @return list<Stage> by level, the most touched first */
    public function stages(Factor $factor): array
    {
        $by = [];
        foreach ($this->all as $one) {
            $level = $one->levels[$factor->value] ?? null;
            if ($level !== null) {
                $by[$level][] = $one;
            }
        }
        $stages = [];
        foreach ($by as $level => $of) {
            $stages[] = Stage::of((string) $level, $of);
        }
        usort($stages, static fn (Stage $a, Stage $b): int => $b->touches <=> $a->touches);

        return $stages;
    }

    public function allStages(): Stage
    {
        return Stage::of('', $this->all);
    }
}
