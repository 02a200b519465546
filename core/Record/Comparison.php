<?php

declare(strict_types=1);

namespace Eskith\Core\Record;

/** Two levels of one factor, compared by their rates and within the same outings. */
final readonly class Comparison
{
    /** Outings with both, and hours of each, under which nothing is said. */
    public const LEAST_OUTINGS = 3;

    public const LEAST_HOURS = 2.0;

    /** Times as often that strikes the eye. */
    private const STRIKING = 1.5;

    /**
     * @param  float|null  $raw  of the rates, whatever the day; null without touches on both sides
     * @param  array<string, array{float, float, float, float}>  $within  by outing: touches and hours of the first, then of the second
     * @param  list<Factor>  $companions  that differed with it in the same setups
     */
    private function __construct(
        public Factor $factor,
        public string $more,
        public string $less,
        public RateRatio $ratio,
        public ?float $raw,
        public float $hoursMore,
        public float $hoursLess,
        public ComparisonVerdict $standing,
        public array $within,
        public array $companions = [],
    ) {
    }

    /**
     * The one touched more often within the same outings comes first.
     *
     * @param  array<string, array{float, float}>  $one  touches and hours by outing
     * @param  array<string, array{float, float}>  $other
     */
    public static function of(Factor $factor, string $oneLevel, array $one, string $otherLevel, array $other): self
    {
        $strata = [];
        foreach (array_intersect_key($one, $other) as $outing => [$touches, $hours]) {
            $strata[$outing] = [$touches, $hours, ...$other[$outing]];
        }
        $ratio = RateRatio::of(array_values($strata));
        $turned = ($ratio->ratio ?? ($ratio->high === null ? 1.0 : 0.0)) < 1.0;
        if ($turned) {
            [$oneLevel, $otherLevel, $one, $other] = [$otherLevel, $oneLevel, $other, $one];
            $strata = array_map(static fn (array $both): array => [$both[2], $both[3], $both[0], $both[1]], $strata);
            $ratio = RateRatio::of(array_values($strata));
        }
        [$a, $b] = [self::sums($one), self::sums($other)];
        $raw = $a[0] > 0.0 && $b[0] > 0.0 && $a[1] > 0.0 && $b[1] > 0.0 ? $a[0] / $a[1] / ($b[0] / $b[1]) : null;

        return new self(
            factor: $factor, more: $oneLevel, less: $otherLevel, ratio: $ratio, raw: $raw, hoursMore: $a[1], hoursLess: $b[1],
            standing: self::standing($ratio, $raw, min($a[1], $b[1])), within: $strata,
        );
    }

    private static function standing(RateRatio $ratio, ?float $raw, float $hours): ComparisonVerdict
    {
        $clear = $ratio->low !== null && $ratio->low > 1.0;

        return match (true) {
            $ratio->outings < self::LEAST_OUTINGS || $hours < self::LEAST_HOURS => ComparisonVerdict::Thin,
            $clear => ComparisonVerdict::Clear,
            $raw !== null && $ratio->ratio !== null && abs(log($raw)) >= log(self::STRIKING)
                && abs(log($ratio->ratio)) < abs(log($raw)) / 2 => ComparisonVerdict::Vanishes,
            default => ComparisonVerdict::Close,
        };
    }

    /** @param  list<Factor>  $companions */
    public function beside(array $companions): self
    {
        return new self(
            factor: $this->factor, more: $this->more, less: $this->less, ratio: $this->ratio, raw: $this->raw,
            hoursMore: $this->hoursMore, hoursLess: $this->hoursLess, standing: $this->standing, within: $this->within,
            companions: $companions,
        );
    }

    /** About how many outings more would tell, were it to go on so; null where it would take more than a season or two. */
    public function outingsToTell(): ?int
    {
        if ($this->ratio->ratio === null || $this->ratio->low === null || $this->ratio->ratio <= 1.02) {
            return null;
        }
        // The interval narrows with the root of the outings.
        $needed = (log($this->ratio->ratio / $this->ratio->low) / log($this->ratio->ratio)) ** 2 * max(1, $this->ratio->outings);
        $more = (int) ceil($needed - $this->ratio->outings);

        return $more > 60 ? null : max(1, $more);
    }

    /**
     * @param  array<string, array{float, float}>  $outings
     * @return array{float, float}
     */
    private static function sums(array $outings): array
    {
        return [array_sum(array_column($outings, 0)), array_sum(array_column($outings, 1))];
    }
}
