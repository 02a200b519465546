<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Event;
use App\Models\Move;
use App\Models\Outing;
use App\Models\Setup;
use App\Models\Spot;
use App\Models\User;
use App\Readings\Spots;
use App\Readings\TodaysReadings;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** An outing goes on at another spot: what is on the rods is fished there from then on. */
final readonly class Moves
{
    /** s within which one that moves on, with nothing logged, had only passed by or pressed the wrong spot. */
    private const PASSING_S = 120;

    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /**
     * Moves an outing; the same twice changes nothing.
     *
     * @param  array<string, string>  $setups  by the uuid of a rod: that of what is on it from now on
     * @param  bool  $reads  whether what is known of the spot is read, and what was read elsewhere set aside
     *
     * @throws InvalidInput when the outing is over or taken away
     */
    public function move(Outing $outing, string $uuid, Spot $spot, Carbon $at, array $setups = [], bool $reads = true): void
    {
        DB::transaction(function () use ($outing, $uuid, $spot, $at, $setups, $reads): void {
            if (Move::query()->where('user_id', $this->user->id)->where('uuid', $uuid)->exists()) {
                return;
            }
            OpenOuting::demand($outing, $at);
            $passed = $this->passedBy($outing, $at);
            if ($passed !== null) {
                $this->undo($outing, $passed, $at);
            }
            $here = $outing->unsetRelation('moves')->spotAt($at);
            $move = $outing->moves()->create([
                'user_id' => $this->user->id, 'uuid' => $uuid, 'spot_id' => $spot->id, 'place' => $spot->placed(), 'at' => $at,
                // There already: what is kept is only that it was said.
                'undone_at' => $here?->id === $spot->id ? $at : null,
            ]);
            if ($move->undone_at === null) {
                $this->leave($outing, $here, $at);
                $this->carryOver($outing, $move, $spot, $setups);
            }
            $outing->unsetRelation('moves');
            if ($reads && $outing->ended_at === null && $outing->spotAt()?->id === $spot->id) {
                Spots::goTo($this->user, $spot, $at);
            }
        });
    }

    /** The last move, where it was a moment ago and nothing came of it. */
    private function passedBy(Outing $outing, Carbon $at): ?Move
    {
        $last = $outing->unsetRelation('moves')->movedBy();

        return $last === null || abs($last->at->diffInSeconds($at)) > self::PASSING_S || $at->lessThan($last->at)
            || $outing->events()->where('at', '>=', (new Event)->fromDateTime($last->at))->exists()
            || $outing->setups()->where('tied_at', '>', (new Setup)->fromDateTime($last->at))->exists() ? null : $last;
    }

    private function undo(Outing $outing, Move $passed, Carbon $at): void
    {
        $outing->setups()->where('tied_at', (new Setup)->fromDateTime($passed->at))->where('spot_id', $passed->spot_id)->delete();
        $passed->update(['undone_at' => $at]);
    }

    /** Keeps how things stood where one leaves, so that it is known what was fished in; a spot that was new is known by now. */
    private function leave(Outing $outing, ?Spot $here, Carbon $at): void
    {
        $book = TodaysReadings::of($this->user);
        if ($here === null || $book->spotId !== $here->id) {
            return;
        }
        $before = $outing->movedBy($at);
        if ($before !== null && $before->readings === null) {
            $before->update(['readings' => $book->texts()]);
        }
        if ($here->depth_m === null && $book->entries['depth']->readAt !== null) {
            $read = $book->conditions();
            $here->update(['depth_m' => $read->depthM, 'bottom' => $read->bottom, 'wall' => $read->wall ?? false]);
        }
    }

    /** A spot was kept where one fishes: the outing is there, without having moved where it was at no spot of its own. */
    public function named(Outing $outing, Spot $spot): void
    {
        if ($outing->spotAt() === null && $outing->moves->isEmpty()) {
            $outing->update(['spot_id' => $spot->id, 'place' => $spot->placed()]);
            $outing->setups()->whereNull('spot_id')->update(['spot_id' => $spot->id]);
        } else {
            $this->move($outing, (string) Str::uuid(), $spot, Carbon::now(), reads: false);
        }
    }

    /** What an outing that ends was fished in at its last spot. */
    public function settle(Outing $outing): void
    {
        $this->leave($outing, $outing->unsetRelation('moves')->spotAt(), $outing->ended_at ?? Carbon::now());
    }

    /**
     * Closes what was on each rod and opens the same at the new spot; what was tied on there already is of it.
     *
     * @param  array<string, string>  $uuids  by rod
     */
    private function carryOver(Outing $outing, Move $move, Spot $spot, array $uuids): void
    {
        $at = (new Setup)->fromDateTime($move->at);
        $next = $outing->moves()->where('at', '>', $at)->min('at');
        $outing->setups()->where('tied_at', '>=', $at)
            ->when($next !== null, static fn (Builder $rows) => $rows->where('tied_at', '<', Coerce::text($next)))
            ->update(['spot_id' => $spot->id]);
        $rods = $this->user->rods()->pluck('uuid', 'id');
        $before = $outing->setups()->where('tied_at', '<', $at)->orderBy('tied_at')->orderBy('id')->get();
        foreach ($before->groupBy('rod_id') as $rod => $all) {
            $last = $all->last();
            if ($last === null || $last->until_at?->lessThanOrEqualTo($move->at) === true) {
                continue;
            }
            $given = $uuids[Coerce::text($rods[$rod] ?? '')] ?? '';
            $last->replicate()->forceFill([
                'uuid' => Str::isUuid($given) ? $given : (string) Str::uuid(), 'tied_at' => $move->at, 'spot_id' => $spot->id,
                'depth_m' => $spot->depth_m ?? 0.0,
            ])->save();
        }
    }
}
