<?php

declare(strict_types=1);

namespace App\Tackle;

use App\Models\Event;
use App\Models\History;
use App\Models\Rod;
use App\Models\Setup;
use App\Models\User;
use App\Rows\LastWriterWins;
use Eskith\Core\Rig\Connector;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Words\Words;
use Eskith\Telling\Enums\EventKind;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Keeps the rods on board as they are rigged, which of them is in hand, and what has worn them. */
final readonly class RodKeeper
{
    /** Rods that one boat has room for. */
    public const MOST = 12;

    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /**
     * Changes a rod; the first one of all is made, and taken in hand.
     *
     * @param  array{uuid: string, ...}  $rod  columns
     * @param  int|null  $lineId  goes on its reel; null leaves what is there
     */
    public function keep(array $rod, ?int $lineId): void
    {
        DB::transaction(function () use ($rod, $lineId): void {
            // A page that was opened before there was any names another than the one there is.
            $kept = $this->user->rods()->where('uuid', $rod['uuid'])->first() ?? $this->user->rodInHand();
            $kept === null ? $this->first($rod) : $kept->update([...$rod, 'uuid' => $kept->uuid]);
            if ($lineId === null) {
                return;
            }
            if ($kept !== null && $kept->id !== $this->user->rod_id) {
                $kept->update(['line_id' => $this->user->lines()->findOrFail($lineId)->id]);
            } else {
                GearKeeper::of($this->user)->putOnTheReel($lineId);
            }
        });
    }

    /**
     * One more on board, rigged as the one in hand, and taken in hand.
     *
     * @param  array{uuid: string, name: string, owner: string|null, still: bool, ...}  $rod  with the usual parts, as columns
     *
     * @throws InvalidInput when the boat is full
     */
    public function add(array $rod): void
    {
        DB::transaction(function () use ($rod): void {
            if ($this->user->rods()->where('uuid', $rod['uuid'])->exists()) {
                return;
            }
            if ($this->user->rods()->onBoard()->count() >= self::MOST) {
                throw InvalidInput::because('name', 'There are {most} rods on board. Take one off first.', most: self::MOST);
            }
            $like = $this->user->rodInHand();
            if ($like === null) {
                $this->first($rod);

                return;
            }
            $this->takeInHand($this->user->rods()->create([
                ...$rod,
                ...$like->only([
                    'length_m', 'length_text', 'lifts_kg', 'lifts_text', 'leader', 'leader_n', 'leader_n_text', 'leader_m', 'leader_m_text',
                    'line_id',
                ]),
                'connector' => $like->connector ?? Connector::Snap,
            ]));
        });
    }

    /**
     * What is read, picked and logged from now on is for this rod, unless another was taken later.
     *
     * @param  Carbon|null  $at  when it was taken in hand; null for now
     */
    public function takeInHand(Rod $rod, ?Carbon $at = null): void
    {
        DB::transaction(function () use ($rod, $at): void {
            $moment = LastWriterWins::moment($at ?? Carbon::now());
            if (($this->user->refresh()->rod_told_at ?? '') > $moment) {
                return;
            }
            $this->user->update(['rod_id' => $rod->id, 'rod_told_at' => $moment]);
            $rod->update(['ashore_at' => null]);
            if ($rod->line_id !== null && $this->user->lines()->whereKey($rod->line_id)->exists()) {
                GearKeeper::of($this->user)->putOnTheReel($rod->line_id);
            }
        });
    }

    /**
     * Leaves a rod ashore; what it fished stays in the record.
     *
     * @throws InvalidInput when it is the last one
     */
    public function leaveAshore(Rod $rod): void
    {
        DB::transaction(function () use ($rod): void {
            $other = $this->user->rods()->onBoard()->whereKeyNot($rod->id)->first()
                ?? throw InvalidInput::because('rod', 'That is the last rod on board; without one there is nothing to fish with.');
            $rod->update(['ashore_at' => Carbon::now()]);
            Setup::query()->where('rod_id', $rod->id)->whereNull('until_at')
                ->whereIn('outing_id', $this->user->outings()->underWay()->select('id'))->update(['until_at' => Carbon::now()]);
            if ($this->user->rod_id === $rod->id) {
                $this->takeInHand($other);
            }
        });
    }

    /**
     * The leader was looked at and tied anew.
     *
     * @param  string  $uuid  of this tying, so that a repeat is not written down twice
     * @param  string|null  $rod  its uuid; null for the one in hand
     * @param  Carbon|null  $at  null for now
     *
     * @throws InvalidInput when it is not there any more
     */
    public function retie(string $uuid, ?string $rod, ?Carbon $at = null): void
    {
        DB::transaction(function () use ($uuid, $rod, $at): void {
            $at ??= Carbon::now();
            $rod = $rod === null ? $this->user->rodInHand() : $this->user->rods()->where('uuid', $rod)->first();
            $rod ?? throw InvalidInput::because('rod', 'That rod is gone.');
            if ($this->user->history()->where('uuid', $uuid)->exists()) {
                return;
            }
            History::query()->create([
                'user_id' => $this->user->id, 'uuid' => $uuid, 'rod_id' => $rod->id,
                'what' => Words::of(
                    'Leader retied: {rod}, after {worn}', rod: mb_substr($rod->name, 0, 40), worn: $this->wornInWords($rod),
                ), 'at' => $at,
            ]);
            // One that is heard of late changes nothing that was tied after it.
            $rod->update(['retied_at' => $rod->retied_at === null ? $at : max($rod->retied_at, $at)]);
        });
    }

    /** Fish, snags and rock since the leader was tied. */
    public static function worn(User $user, ?Rod $rod): int
    {
        return array_sum(self::wear($user, $rod));
    }

    private function wornInWords(Rod $rod): string
    {
        $wear = self::wear($this->user, $rod);
        $told = [];
        foreach (EventKind::wearingLeaders() as $kind) {
            $times = $wear[$kind->value] ?? 0;
            $told = $times === 0 ? $told : [...$told, "{$times} × ".mb_strtolower($kind->word())];
        }

        return $told === [] ? 'nothing logged' : implode(', ', $told);
    }

    /** @return array<string, int> by kind of event */
    private static function wear(User $user, ?Rod $rod): array
    {
        $since = $rod->retied_at ?? $rod->created_at ?? null;

        return $rod === null || $since === null ? [] : Event::query()->standing()->toBase()
            ->join('setups', 'setups.id', '=', 'events.setup_id')
            ->where('events.user_id', $user->id)->where('setups.rod_id', $rod->id)
            ->whereIn('events.kind', EventKind::wearingLeaders())->where('events.at', '>', $since)
            ->groupBy('events.kind')->selectRaw('events.kind, count(*) as times')->pluck('times', 'kind')
            ->mapWithKeys(static fn (mixed $times, int|string $kind): array => [(string) $kind => is_numeric($times) ? (int) $times : 0])
            ->all();
    }

    /**
     * The first rod of all: what is fished today was fished with it.
     *
     * @param  array{uuid: string, ...}  $rod
     */
    private function first(array $rod): void
    {
        $made = $this->user->rods()->create([...$rod, 'line_id' => $this->user->lines()->onTheReel()->value('id')]);
        $this->user->update(['rod_id' => $made->id]);
        Setup::query()->whereNull('rod_id')->whereIn('outing_id', $this->user->outings()->underWay()->select('id'))
            ->update(['rod_id' => $made->id]);
    }
}
