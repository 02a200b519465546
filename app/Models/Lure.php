<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Known;
use App\Models\Casts\Moment;
use App\Models\Concerns\Capped;
use App\Models\Concerns\FoundByItsAngler;
use Database\Factories\LureFactory;
use Eskith\Core\Tackle\Family;
use Eskith\Telling\Kept\KeptLure;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A lure the angler owns.
 *
 * @property int $id
 * @property int $user_id
 * @property string $uuid
 * @property int $position
 * @property Family|null $family  null for one that is not known
 * @property float $mass_kg
 * @property string $mass_text
 * @property string $finish
 * @property bool $red_near_hooks
 * @property list<string>|null $accents what was added to the finish, beside what the build tells
 * @property float $length_mm
 * @property float $height_mm
 * @property list<array{name: string, x: float, y: float}> $holes
 * @property float|null $balance_x
 * @property float|null $balance_y
 * @property int $quantity
 * @property int $lost
 * @property bool $buy_again
 * @property array<string, mixed>|null $build
 * @property array<string, mixed>|null $hooks
 * @property string $notes
 * @property string $search
 * @property int $version counts its changes
 * @property Carbon|null $retired_at
 */
final class Lure extends Model
{
    use Capped;
    use FoundByItsAngler;

    /** @use HasFactory<LureFactory> */
    use HasFactory;

    protected $table = 'lures';

    protected $guarded = ['id'];

    protected $attributes = ['version' => 1];

    protected static function booted(): void
    {
        self::updating(static function (self $lure): void {
            $lure->version++;
        });
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'family' => Known::class.':'.Family::class, 'mass_kg' => 'float', 'red_near_hooks' => 'boolean',
            'length_mm' => 'float', 'height_mm' => 'float',
            'accents' => 'array', 'holes' => 'array', 'balance_x' => 'float', 'balance_y' => 'float', 'buy_again' => 'boolean',
            'build' => 'array',
            'hooks' => 'array', 'retired_at' => Moment::class,
        ];
    }

    /**
     * Not put away.
     *
     * @param  Builder<self>  $query
     */
    public function scopeInBox(Builder $query): void
    {
        $query->whereNull('retired_at');
    }

    /**
     * Not put away, and not all of them lost.
     *
     * @param  Builder<self>  $query
     */
    public function scopeAtHand(Builder $query): void
    {
        $query->whereNull('retired_at')->whereNot(
            static fn (Builder $gone) => $gone->where('lost', '>', 0)->whereColumn('lost', '>=', 'quantity'),
        );
    }

    public function isAtHand(): bool
    {
        return $this->retired_at === null && ! $this->isLost();
    }

    /** As it is kept, without casts: hundreds of lures are read for every answer. */
    public function kept(): KeptLure
    {
        return new KeptLure($this->attributes);
    }

    /** Whether all of them are lost. */
    public function isLost(): bool
    {
        return $this->kept()->isLost();
    }

    /** Whether a lure can be made of it. */
    public function isSound(): bool
    {
        return $this->kept()->isSound();
    }

    /**
     * As the angler has put them.
     *
     * @param  Builder<self>  $query
     */
    public function scopeInOrder(Builder $query): void
    {
        $query->orderBy('position')->orderBy('id');
    }
}
