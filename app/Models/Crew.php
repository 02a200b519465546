<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Moment;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * Anglers who share a day: each has an outing of their own, and all see what is logged in all of them.
 *
 * @property int $id
 * @property int $user_id  who shares
 * @property string $code
 * @property Carbon|null $closed_at  since when nobody can join any more
 * @property Carbon|null $renewed_at  when who shares said once more that others can join
 */
final class Crew extends Model
{
    protected $table = 'crews';

    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['closed_at' => Moment::class, 'renewed_at' => Moment::class];
    }

    /** @return HasMany<Outing, $this> */
    public function outings(): HasMany
    {
        return $this->hasMany(Outing::class);
    }

    /**
     * That can be joined: as long as the outing of who shares lasts and a day longer, or a day after it was renewed.
     *
     * @param  Builder<self>  $query
     */
    public function scopeOpen(Builder $query): void
    {
        $dayAgo = Carbon::now()->subDay();
        $query->whereNull('closed_at')->where(static fn (Builder $open) => $open->where('renewed_at', '>', $dayAgo)->orWhereExists(
            Outing::query()->whereColumn('outings.crew_id', 'crews.id')->whereColumn('outings.user_id', 'crews.user_id')
                ->whereNull('outings.deleted_at')
                ->where(static fn (Builder $lasts) => $lasts->whereNull('outings.ended_at')->orWhere('outings.ended_at', '>', $dayAgo)),
        ));
    }

    public function isOpen(): bool
    {
        return self::query()->open()->whereKey($this->id)->exists();
    }
}
