<?php

declare(strict_types=1);

namespace Eskith\Telling\Day;

use DateTimeInterface;
use Eskith\Core\Choosing\Day;
use Eskith\Core\Choosing\Stint;
use Eskith\Core\Choosing\Trials;
use Eskith\Core\Tackle\Finish;

/** What was fished today, read from the log: hours and touches of every setup of the outings of the day. */
final readonly class Today
{
    private const BRIGHT = [Finish::Silver->value, Finish::Gold->value];

    /** @param  float  $brightMetalMin  rod-minutes on silver or gold */
    private function __construct(public Day $day, public float $brightMetalMin, public bool $brightMetalTouched)
    {
    }

    /**
     * @param  array<int, int>  $stands  id of the lure that stands for a lure like it, by id
     * @param  int|null  $here  id of the spot where one is; null where that is not known
     */
    public static function of(AnglersDay $day, array $stands, Trials $trials, DateTimeInterface $now, ?int $here = null): self
    {
        $rests = new RestsOfRods($day->pauses, (float) $now->format('U.u'));
        $rods = array_column($day->setups, 'rod', 'id');
        $bites = [];
        foreach ($day->events as $bite) {
            if ($bite->isBite()) {
                $bites[$bite->setup][] = $rests->ageH($bite->at, (int) ($rods[$bite->setup] ?? 0));
            }
        }
        $stints = [];
        $bright = 0.0;
        $touched = false;
        $next = [];
        // From the last to the first: each ends where the next on its rod was tied on.
        foreach (array_reverse($day->setups) as $setup) {
            $rod = (int) $setup->rod;
            $end = $setup->untilAt ?? $next["{$setup->outing} {$rod}"] ?? $setup->endedAt;
            $next["{$setup->outing} {$rod}"] = $setup->tiedAt;
            [$from, $to] = [min(AnglersDay::HOURS, $rests->ageH($setup->tiedAt, $rod)), $end === null ? 0.0 : $rests->ageH($end, $rod)];
            // Other bait says nothing of lures.
            if ($from <= $to || $setup->lure === null) {
                continue;
            }
            $felt = array_values(array_filter(
                $bites[$setup->id] ?? [], static fn (float $age): bool => $age <= AnglersDay::HOURS,
            ));
            $way = implode('|', [$stands[$setup->lure] ?? $setup->lure, (string) $setup->hole, $setup->cadence]);
            // What is on the rod in hand comes first, then what is on the others.
            $place = [$to, $rod === (int) $day->rodInHand ? 0 : 1, -count($stints)];
            $stints[] = [$place, Stint::of($way, $from, $to, $felt, spot: $setup->spot === null ? null : (string) $setup->spot)];
            if (in_array($setup->finish, self::BRIGHT, true)) {
                $bright += 60 * ($from - $to);
                $touched = $touched || $felt !== [];
            }
        }

        sort($stints);

        return new self(
            new Day(array_column($stints, 1), trials: $trials, here: $here === null ? null : (string) $here), $bright, $touched,
        );
    }
}
