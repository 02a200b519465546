<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Moment;
use App\Models\Concerns\Capped;
use App\Models\Concerns\FoundByItsAngler;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A day on the water, from the first cast to the last.
 *
 * @property int $id
 * @property int $user_id
 * @property string $uuid
 * @property int|null $spot_id  where it began
 * @property string $place  where it began, as it was called
 * @property array<string, string> $readings
 * @property Carbon $started_at
 * @property Carbon|null $ended_at
 * @property string $note
 * @property Carbon|null $deleted_at  taken away, and kept for a day
 * @property list<string>|null $joined  ids of outings that were joined to it
 * @property int|null $crew_id
 * @property bool $shares_tags  whether its crew sees the numbers of tags
 * @property Spot|null $spot  where it began
 * @property \Illuminate\Database\Eloquent\Collection<int, Move> $moves  that stand, the last first
 * @property Crew|null $crew
 * @property User $user
 */
final class Outing extends Model
{
    use Capped;
    use FoundByItsAngler;

    protected $table = 'outings';

    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'readings' => 'array', 'started_at' => Moment::ALWAYS, 'ended_at' => Moment::class, 'deleted_at' => Moment::class,
            'joined' => 'array', 'shares_tags' => 'boolean',
        ];
    }

    /** @return BelongsTo<Spot, $this> */
    public function spot(): BelongsTo
    {
        return $this->belongsTo(Spot::class);
    }

    /** @return HasMany<Move, $this> */
    public function moves(): HasMany
    {
        return $this->hasMany(Move::class)->whereNull('undone_at')->latest('at')->latest('id');
    }

    /** The move it was last on at a moment; null where it had not moved yet. */
    public function movedBy(?Carbon $at = null): ?Move
    {
        return $this->loadMissing('moves')->moves->first(
            static fn (Move $move): bool => $at === null || $move->at->lessThanOrEqualTo($at),
        );
    }

    /** Where it was at a moment, or is now; null where that is at no spot of the angler's own. */
    public function spotAt(?Carbon $at = null): ?Spot
    {
        $move = $this->movedBy($at);

        return $move === null ? $this->loadMissing('spot.water')->spot : $move->loadMissing('spot.water')->spot;
    }

    /** The same by its id, without looking at the spot. */
    public function spotIdAt(?Carbon $at = null): ?int
    {
        $move = $this->movedBy($at);

        return $move === null ? $this->spot_id : $move->spot_id;
    }

    /** Where it is now, as it is called. */
    public function placeNow(): string
    {
        return $this->movedBy()->place ?? $this->place;
    }

    /** @return BelongsTo<Crew, $this> */
    public function crew(): BelongsTo
    {
        return $this->belongsTo(Crew::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<Setup, $this> */
    public function setups(): HasMany
    {
        return $this->hasMany(Setup::class);
    }

    /** @return HasMany<Event, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(Event::class);
    }

    /** @return HasMany<Pause, $this> */
    public function pauses(): HasMany
    {
        return $this->hasMany(Pause::class);
    }

    /**
     * Not ended yet.
     *
     * @param  Builder<self>  $query
     */
    public function scopeUnderWay(Builder $query): void
    {
        $query->whereNull('ended_at');
    }
}
