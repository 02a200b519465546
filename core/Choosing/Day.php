<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/**
 * What was fished today, on every rod, and how much of it still counts: fish move, so that what is past fades with
 * e^(−age/τ). Hours, not drops, are what a setup is judged by.
 */
final readonly class Day
{
    /** h in which what is past fades to 1/e. Estimate. */
    private const FADING_H = 1.5;

    /** Blank rod-hours, in units of 1/ρ, after which a spot is left: at once, or once three ways were tried fairly. */
    private const BLANK_ENOUGH = 3.0;

    private const BLANK_TRIED = 1.0;

    private const WAYS_TRIED = 3;

    /** @var array<string, list<Stint>> */
    private array $byWay;

    /**
     * @param  list<Stint>  $stints
     * @param  float  $usualRate  ρ: touches per rod-hour to begin with
     * @param  string|null  $here  the spot where one is now; null where that was not said: then everything was fished here
     */
    public function __construct(
        public array $stints = [], public float $usualRate = 1.0, public Trials $trials = new Trials, public ?string $here = null,
    ) {
        $byWay = [];
        foreach ($stints as $stint) {
            if ($stint->way !== null) {
                $byWay[$stint->way][] = $stint;
            }
        }
        $this->byWay = $byWay;
    }

    /** A way to fish a lure by name: what is the same today and tomorrow. */
    public static function way(Candidate $candidate): string
    {
        return "{$candidate->lure->id}|{$candidate->hole()?->name}|{$candidate->cadence?->value}";
    }

    /** r₀: touches per rod-hour that the day has shown so far, all setups, nothing faded. */
    public function level(): float
    {
        $touches = 0;
        $hours = 0.0;
        foreach ($this->stints as $stint) {
            $touches += count($stint->touchesH);
            $hours += $stint->fromH - $stint->toH;
        }

        return (1 + $touches) / (1 / $this->usualRate + $hours);
    }

    /** N: touches of a way, faded. */
    public function touches(string $way): float
    {
        $sum = 0.0;
        foreach ($this->of($way) as $stint) {
            foreach ($stint->touchesH as $age) {
                $sum += exp(-$age / self::FADING_H);
            }
        }

        return $sum;
    }

    /** E: rod-hours of a way, faded. */
    public function hours(string $way): float
    {
        return array_sum(array_map(static fn (Stint $stint): float => self::faded($stint->fromH, $stint->toH), $this->of($way)));
    }

    /**
     * b: rod-hours without a bite of the way on the line, since its last touch in this stint or since it was tied on; 0 when
     * it is not.
     */
    public function blank(string $way): float
    {
        foreach ($this->of($way) as $stint) {
            if ($stint->isTiedOn()) {
                return min([$stint->fromH, ...$stint->touchesH]);
            }
        }

        return 0.0;
    }

    /**
     * How a way that has been on the line falls in worth the longer nothing touches it.
     *
     * @param  float  $rate  touches per rod-hour expected of it
     * @param  float  $judgedBy  what its hours are judged against, touches per rod-hour
     * @return \Closure(float): float touches per rod-hour expected after so many more hours
     */
    public function falling(string $way, float $rate, float $judgedBy): \Closure
    {
        $touches = $this->touches($way);
        $blank = $this->blank($way);
        $earlier = $this->hours($way) - self::faded($blank, 0.0);

        return static function (float $moreH) use ($rate, $judgedBy, $touches, $blank, $earlier): float {
            $fading = exp(-$moreH / self::FADING_H);

            return $rate * (2 + $touches * $fading) / (2 + $judgedBy * ($earlier * $fading + $blank + $moreH));
        };
    }

    /** Whether anything of today speaks of a way. */
    public function knows(string $way): bool
    {
        return $this->of($way) !== [];
    }

    /** Whether the spot is to be left: nothing touched there for long, or for a while on three ways each tried fairly. */
    public function isTimeToMove(bool $vertical): bool
    {
        $here = array_filter(
            $this->stints, fn (Stint $stint): bool => $this->here === null || $stint->spot === null || $stint->spot === $this->here,
        );
        $sinceH = INF;
        foreach ($here as $stint) {
            $sinceH = min([$sinceH, ...$stint->touchesH]);
        }
        $blank = 0.0;
        $byWay = [];
        foreach ($here as $stint) {
            $blank += $stint->hoursSince($sinceH);
            if ($stint->way !== null) {
                $byWay[$stint->way] = ($byWay[$stint->way] ?? 0.0) + $stint->hoursSince($sinceH);
            }
        }
        $fair = $this->trials->fairMinutes($vertical) / 60 - 1e-9;
        $tried = count(array_filter($byWay, static fn (float $hours): bool => $hours >= $fair));

        return $blank >= self::BLANK_ENOUGH / $this->usualRate - 1e-9
            || ($blank >= self::BLANK_TRIED / $this->usualRate - 1e-9 && $tried >= self::WAYS_TRIED);
    }

    /** @return list<Stint> */
    private function of(string $way): array
    {
        return $this->byWay[$way] ?? [];
    }

    private static function faded(float $fromH, float $toH): float
    {
        return self::FADING_H * (exp(-$toH / self::FADING_H) - exp(-$fromH / self::FADING_H));
    }
}
