<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Event;
use Eskith\Core\Choosing\Day;
use Eskith\Core\Choosing\Stint;
use Eskith\Core\Choosing\Trials;
use Eskith\Core\Tackle\Finish;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

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
    public static function of(AnglersDay $day, array $stands, Trials $trials, ?int $here = null): self
    {
        $now = Carbon::now();
        $rows = new Collection($day->setups);
        $events = $day->setups === [] ? [] : Event::query()->standing()->bites()->whereIn('setup_id', $rows->pluck('id'))
            ->toBase()->get(['setup_id', 'at']);
        $rests = RestsOfRods::in($day->rested, $now);
        $rods = $rows->pluck('rod_id', 'id');
        $touches = [];
        foreach ($events as $event) {
            $setup = Coerce::whole($event->setup_id);
            $touches[$setup][] = $rests->ageH($event->at, Coerce::whole($rods[$setup] ?? 0));
        }
        $stints = [];
        $bright = 0.0;
        $touched = false;
        $next = [];
        // From the last to the first: each ends where the next on its rod was tied on.
        foreach ($rows->reverse() as $row) {
            $rod = Coerce::whole($row->outing_id).' '.Coerce::whole($row->rod_id);
            $end = $row->until_at ?? $next[$rod] ?? $row->ended_at;
            $next[$rod] = $row->tied_at;
            $rodId = Coerce::whole($row->rod_id);
            [$from, $to] = [min(AnglersDay::HOURS, $rests->ageH($row->tied_at, $rodId)), $end === null ? 0.0 : $rests->ageH($end, $rodId)];
            // Other bait says nothing of lures.
            if ($from <= $to || $row->lure_id === null) {
                continue;
            }
            $felt = array_values(array_filter(
                $touches[Coerce::whole($row->id)] ?? [], static fn (float $age): bool => $age <= AnglersDay::HOURS,
            ));
            $lure = $stands[Coerce::whole($row->lure_id)] ?? Coerce::whole($row->lure_id);
            $way = implode('|', [$lure, Coerce::text($row->hole), Coerce::text($row->cadence)]);
            // What is on the rod in hand comes first, then what is on the others.
            $place = [$to, Coerce::whole($row->rod_id) === (int) $day->rodInHand ? 0 : 1, -count($stints)];
            $spot = $row->spot_id === null ? null : (string) Coerce::whole($row->spot_id);
            $stints[] = [$place, Stint::of($way, $from, $to, $felt, spot: $spot)];
            if (in_array($row->finish, self::BRIGHT, true)) {
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
