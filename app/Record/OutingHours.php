<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Event;
use App\Models\Move;
use App\Models\Outing;
use App\Models\Pause;
use App\Models\Setup;
use App\Models\User;
use App\Models\Water;
use Eskith\Core\Record\Exposure;
use Eskith\Core\Record\Pause as Rest;
use Eskith\Core\Record\RodInterval;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/** How long each setup of an outing was really fished. */
final readonly class OutingHours
{
    /**
     * @param  Collection<int, Setup>  $setups  in the order in which they were tied on
     * @param  array<int, float>  $hours  by the setup's id
     */
    private function __construct(public Collection $setups, public array $hours)
    {
    }

    /** h that outings on a water lasted, from the first cast to the last; of one under way so far */
    public static function onWater(User $user, Water $water): float
    {
        $there = $water->loadMissing('spots')->spots->modelKeys();
        $outings = $user->outings()->with('moves')->where(static fn (Builder $any) => $any->whereIn('spot_id', $there)
            ->orWhereHas('moves', static fn (Builder $moves) => $moves->whereIn('spot_id', $there)))->get();
        $seconds = 0.0;
        foreach ($outings as $outing) {
            // From the last stay to the first: each lasts until one moved on.
            $until = $outing->ended_at ?? Carbon::now();
            foreach ([...$outing->moves->map(static fn (Move $move): array => [$move->at, $move->spot_id])->all(),
                [$outing->started_at, $outing->spot_id]] as [$from, $spot]) {
                $seconds += in_array($spot, $there, true) ? max(0.0, $from->diffInSeconds($until, false)) : 0.0;
                $until = min($until, $from);
            }
        }

        return $seconds / 3600;
    }

    public static function of(Outing $outing): self
    {
        $setups = $outing->setups()->with(['lure', 'rod', 'spot'])->orderBy('tied_at')->orderBy('id')->get();
        $start = $outing->started_at;
        $seconds = static fn (Carbon $moment): float => $start->diffInMilliseconds($moment, false) / 1000;
        $end = max(0.0, $seconds($outing->ended_at ?? Carbon::now()));
        $fished = $setups->map(static fn (Setup $setup): RodInterval => new RodInterval(
            (string) $setup->rod_id, $seconds($setup->tied_at), $setup->until_at === null ? null : $seconds($setup->until_at),
        ));
        $rests = $outing->pauses()->get()->map(static fn (Pause $pause): Rest => new Rest(
            $seconds($pause->from_at), $pause->until_at === null ? $end : $seconds($pause->until_at),
            $pause->rod_id === null ? null : (string) $pause->rod_id,
        ));
        $events = $rests->isEmpty() ? [] : Event::query()->standing()->where('events.outing_id', $outing->id)
            ->join('setups', 'setups.id', '=', 'events.setup_id')->get(['events.at', 'setups.rod_id'])
            ->map(static fn (Event $event): array => [$seconds($event->at), Coerce::text($event->getAttribute('rod_id'))])->all();
        $hours = Exposure::of(0.0, $end, array_values($fished->all()), array_values($events), array_values($rests->all()))->hours;
        $byId = [];
        foreach ($setups->values() as $i => $setup) {
            $byId[$setup->id] = $hours[$i] ?? 0.0;
        }

        return new self($setups, $byId);
    }
}
