<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Moment;
use App\Models\Concerns\BootsByName;
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
 * @property int|null $spot_id
 * @property string $place
 * @property array<string, string> $readings
 * @property Carbon $started_at
 * @property Carbon|null $ended_at
 * @property string $note
 * @property Carbon|null $deleted_at  taken away, and kept for a day
 * @property list<string>|null $joined  ids of outings that were joined to it
 * @property int|null $crew_id
 * @property bool $shares_tags  whether its crew sees the numbers of tags
 * @property Spot|null $spot
 * @property Crew|null $crew
 * @property User $user
 */
final class Outing extends Model
{
    use BootsByName;
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
