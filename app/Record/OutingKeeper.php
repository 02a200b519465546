<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Event;
use App\Models\Move;
use App\Models\Outing;
use App\Models\Pause;
use App\Models\Plan;
use App\Models\Setup;
use App\Models\TrackPart;
use App\Models\User;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Outings of before: taken away and brought back, joined, noted. */
final readonly class OutingKeeper
{
    /** h for which what was taken away can be brought back. */
    public const KEPT_H = 24;

    /** h between two that can have been one. */
    public const APART_H = 48;

    /** Outings joined to one of which the ids are known: taps that come late go by them. */
    private const REMEMBERED = 100;

    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /** Takes an outing away, with all that hangs on it; for a day it can be brought back. */
    public function takeAway(Outing $outing): void
    {
        DB::transaction(function () use ($outing): void {
            $this->forget();
            $this->user->outings()->whereKey($outing->id)->update(['deleted_at' => Carbon::now()]);
        });
    }

    /** @throws InvalidInput when another is under way and this one was too */
    public function bringBack(Outing $outing): void
    {
        DB::transaction(function () use ($outing): void {
            if ($outing->refresh()->deleted_at === null) {
                return;
            }
            $under = Logbook::of($this->user)->underWay();
            $outing->update(['deleted_at' => null, 'ended_at' => $under === null ? $outing->ended_at
                : $outing->ended_at ?? Logbook::of($this->user)->lastTap($outing)]);
        });
    }

    /** What was taken away last, while it can be brought back. */
    public function takenAway(): ?Outing
    {
        return Outing::query()->where('user_id', $this->user->id)->where('deleted_at', '>', Carbon::now()->subHours(self::KEPT_H))
            ->latest('deleted_at')->latest('id')->first();
    }

    /**
     * Puts all of one outing into another: it was one day, that went on at the second's spot. At one spot what it said of the water
     * stays that of the one joined to.
     *
     * @throws InvalidInput when they are the same, or lie too far apart to be one
     * @throws JoinedMeanwhile when one of them is gone
     */
    public function join(Outing $outing, Outing $into): void
    {
        if ($outing->id === $into->id) {
            throw InvalidInput::because('into', "An outing can't be joined to itself. Choose another.");
        }
        [$first, $second] = $outing->started_at < $into->started_at ? [$outing, $into] : [$into, $outing];
        if (($first->ended_at ?? Carbon::now())->diffInHours($second->started_at, false) > self::APART_H) {
            throw InvalidInput::because('into', 'These two lie more than two days apart; they are hardly one outing.');
        }
        DB::transaction(function () use ($outing, $into): void {
            // Joined meanwhile, perhaps the other way round: there are not two of them any more.
            $both = $this->user->outings()->whereKey([$outing->id, $into->id])->get()->keyBy('id');
            [$outing, $into] = [$both->get($outing->id), $both->get($into->id)];
            if ($outing === null || $into === null) {
                throw JoinedMeanwhile::told();
            }
            [$first, $second] = $outing->started_at < $into->started_at ? [$outing, $into] : [$into, $outing];
            $then = $first->spotAt($second->started_at)?->id === $second->spot_id ? [] : $this->asOneDay($first, $second, $into);
            foreach ([Setup::class, Event::class, Pause::class, Plan::class, Move::class, TrackPart::class] as $model) {
                $model::query()->where('outing_id', $outing->id)->update(['outing_id' => $into->id]);
            }
            $into->update([
                ...$then, 'started_at' => min($outing->started_at, $into->started_at),
                'ended_at' => $outing->ended_at === null || $into->ended_at === null ? null : max($outing->ended_at, $into->ended_at),
                'note' => mb_substr(trim("{$into->note}\n{$outing->note}"), 0, 1000),
                'joined' => self::knownAs($into, $outing->uuid, ...$outing->joined ?? []),
            ]);
            $outing->delete();
        });
    }

    /** @return list<string> by which devices know an outing, beside its own id: those of before, and these */
    public static function knownAs(Outing $outing, string ...$uuids): array
    {
        return array_slice([...$outing->joined ?? [], ...array_values($uuids)], -self::REMEMBERED);
    }

    /**
     * The day began where the first was, and moved to where the second was.
     *
     * @return array<string, mixed> how it began, as columns
     */
    private function asOneDay(Outing $first, Outing $second, Outing $into): array
    {
        $into->moves()->create([
            'user_id' => $this->user->id, 'uuid' => (string) Str::uuid(), 'spot_id' => $second->spot_id, 'place' => $second->place,
            'readings' => $second->readings, 'at' => $second->started_at,
        ]);

        return ['spot_id' => $first->spot_id, 'place' => $first->place, 'readings' => $first->readings];
    }

    public function note(Outing $outing, string $note): void
    {
        $this->user->outings()->whereKey($outing->id)->update(['note' => $note]);
    }

    /** What was taken away more than a day ago is gone. */
    private function forget(): void
    {
        Outing::query()->where('user_id', $this->user->id)->where('deleted_at', '<=', Carbon::now()->subHours(self::KEPT_H))->delete();
    }
}
