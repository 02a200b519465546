<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Crew;
use App\Models\Outing;
use App\Models\User;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** A day shared with others of this server: each has their own rods and taps, and all see one list. */
final readonly class CrewKeeper
{
    /** Anglers in one boat, or near it. */
    private const MOST = 12;

    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /** Shares an outing, under a code to tell the others; said again, the code is kept and lasts a day longer. */
    public function share(Outing $outing): void
    {
        DB::transaction(function () use ($outing): void {
            if ($outing->refresh()->crew_id !== null) {
                Crew::query()->whereKey($outing->crew_id)->where('user_id', $this->user->id)->update(['renewed_at' => Carbon::now()]);

                return;
            }
            $crew = Crew::query()->create(['user_id' => $this->user->id, 'code' => ShareCode::new()]);
            $outing->update(['crew_id' => $crew->id]);
        });
    }

    /**
     * Joins by a code, with the outing under way or with one that begins now.
     *
     * @param  string  $uuid  of the outing that would begin
     *
     * @throws InvalidInput when nothing is shared by that code, or the boat is full
     */
    public function join(string $code, string $uuid): void
    {
        DB::transaction(function () use ($code, $uuid): void {
            $crew = Crew::query()->open()->where('code', ShareCode::plain($code))->first()
                ?? throw InvalidInput::because('code', 'Nothing is shared by that code. Check it, or ask for a new one.');
            $outing = Logbook::of($this->user)->underWay();
            if ($outing?->crew_id === $crew->id) {
                return;
            }
            if ($crew->outings()->distinct()->count('user_id') >= self::MOST) {
                throw InvalidInput::because('code', 'That crew is full.');
            }
            $outing ??= Logbook::of($this->user)->start($uuid);
            $outing->update(['crew_id' => $crew->id]);
        });
    }

    /** Whether the crew sees the numbers of tags that are told in an outing. */
    public function shareTags(Outing $outing, bool $tags): void
    {
        $this->user->outings()->whereKey($outing->id)->update(['shares_tags' => $tags]);
    }

    /** Leaves: what was logged stays with who logged it, and is seen by the others no more. Who shares ends it for those to come. */
    public function leave(Outing $outing): void
    {
        DB::transaction(function () use ($outing): void {
            $crew = $outing->refresh()->crew;
            $outing->update(['crew_id' => null]);
            if ($crew !== null && $crew->user_id === $this->user->id) {
                $crew->update(['closed_at' => $crew->closed_at ?? Carbon::now()]);
            }
        });
    }
}
