<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Outing;
use App\Models\Pause;
use App\Models\User;
use Eskith\Telling\Enums\PauseWhy;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Time that takes nothing from a lure: moving, eating, unhooking. */
final readonly class Pauses
{
    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /** The one that lasts; null while all fish. */
    public function now(Outing $outing): ?Pause
    {
        return $outing->pauses()->whereNull('until_at')->latest('from_at')->latest('id')->first();
    }

    /**
     * Begins one; the same twice changes nothing, and what lasted till then ends with it.
     *
     * @param  string|null  $rod  uuid; null for all of them
     */
    public function begin(Outing $outing, string $uuid, PauseWhy $why, ?string $rod, Carbon $at): void
    {
        DB::transaction(function () use ($outing, $uuid, $why, $rod, $at): void {
            if ($this->user->pauses()->where('uuid', $uuid)->exists()) {
                return;
            }
            $this->end($outing, $at);
            $this->user->pauses()->create([
                'outing_id' => $outing->id, 'uuid' => $uuid, 'why' => $why, 'from_at' => $at,
                'rod_id' => $rod === null ? null : $this->user->rods()->where('uuid', $rod)->value('id'),
            ]);
        });
    }

    /** A tap on a rod: what it paused for is over. */
    public function fishedAgain(Outing $outing, ?int $rodId, Carbon $at): void
    {
        $outing->pauses()->whereNull('until_at')->where('from_at', '<=', (new Pause)->fromDateTime($at))
            ->where(static fn (Builder $pause) => $pause->whereNull('rod_id')->orWhere('rod_id', $rodId))
            ->update(['until_at' => (new Pause)->fromDateTime($at)]);
    }

    /** Fishing again: whatever began before and lasts ends now. */
    public function end(Outing $outing, Carbon $at): void
    {
        $outing->pauses()->whereNull('until_at')->where('from_at', '<=', (new Pause)->fromDateTime($at))->update(
            ['until_at' => (new Pause)->fromDateTime($at)],
        );
    }
}
