<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Event;
use App\Models\User;
use App\Rows\Coerce;
use Eskith\Core\Choosing\Day;
use Eskith\Core\Choosing\Stint;
use Eskith\Core\Choosing\Trials;
use Eskith\Core\Tackle\Finish;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;

/** What was fished today, read from the log: hours and touches of every setup of the outings of the day. */
final readonly class Today
{
    /** h that belong to today, for a night's fishing too. */
    private const HOURS = 18.0;

    private const BRIGHT = [Finish::Silver->value, Finish::Gold->value];

    /** @param  float  $brightMetalMin  rod-minutes on silver or gold */
    private function __construct(public Day $day, public float $brightMetalMin, public bool $brightMetalTouched)
    {
    }

    /**
     * @param  array<int, int>  $stands  id of the lure that stands for a lure like it, by id
     * @param  int|null  $here  id of the spot where one is; null where that is not known
     */
    public static function of(User $user, array $stands, Trials $trials, ?int $here = null): self
    {
        $now = Carbon::now();
        $since = $now->copy()->subMinutes((int) (60 * self::HOURS));
        $rows = $user->outings()->toBase()
            ->join('setups', 'setups.outing_id', '=', 'outings.id')
            ->leftJoin('lures', 'lures.id', '=', 'setups.lure_id')
            ->where(static fn (Builder $open) => $open->whereNull('outings.ended_at')->orWhere('outings.ended_at', '>', $since))
            ->orderBy('setups.tied_at')->orderBy('setups.id')
            ->get([
                'setups.id', 'setups.outing_id', 'setups.rod_id', 'setups.lure_id', 'setups.hole', 'setups.cadence', 'setups.tied_at',
                'setups.until_at',
                'outings.ended_at', 'setups.spot_id', 'lures.finish',
            ]);
        $events = Event::query()->standing()->bites()->whereIn('setup_id', $rows->pluck('id'))->toBase()->get(['setup_id', 'at']);
        $rests = RestsOfRods::in(array_values(array_unique(array_map(Coerce::whole(...), $rows->pluck('outing_id')->all()))), $now);
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
            [$from, $to] = [min(self::HOURS, $rests->ageH($row->tied_at, $rodId)), $end === null ? 0.0 : $rests->ageH($end, $rodId)];
            // Other bait says nothing of lures.
            if ($from <= $to || $row->lure_id === null) {
                continue;
            }
            $felt = array_values(array_filter(
                $touches[Coerce::whole($row->id)] ?? [], static fn (float $age): bool => $age <= self::HOURS,
            ));
            $lure = $stands[Coerce::whole($row->lure_id)] ?? Coerce::whole($row->lure_id);
            $way = implode('|', [$lure, Coerce::text($row->hole), Coerce::text($row->cadence)]);
            // What is on the rod in hand comes first, then what is on the others.
            $place = [$to, Coerce::whole($row->rod_id) === (int) $user->rod_id ? 0 : 1, -count($stints)];
            $spot = $row->spot_id === null ? null : (string) Coerce::whole($row->spot_id);
            $stints[] = [$place, Stint::of($way, $from, $to, $felt, spot: $spot)];
            if (in_array($row->finish, self::BRIGHT, true)) {
                $bright += 60 * ($from - $to);
                $touched = $touched || $felt !== [];
            }
        }

        sort($stints);

        $day = new Day(array_column($stints, 1), trials: $trials, here: $here === null ? null : (string) $here);

        return new self($day, $bright, $touched);
    }
}
