<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Known;
use App\Models\Casts\Moment;
use App\Models\Concerns\Capped;
use Eskith\Core\Cadence\Cadence;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * What was tied on, and how it was worked, from a moment on.
 *
 * @property int $id
 * @property int $user_id
 * @property int $outing_id
 * @property string $uuid
 * @property int|null $lure_id  null for other bait on a still rod
 * @property int|null $rod_id
 * @property int|null $spot_id  where it was fished; null at no spot of the angler's own
 * @property string|null $hole
 * @property Cadence|null $cadence  null for one that is not known, and for other bait
 * @property float $depth_m
 * @property float|null $lift_m  as it was worked
 * @property float|null $lift_s
 * @property float|null $pause_s
 * @property float|null $rule_points  what the rules gave it then, less the first of that day
 * @property Carbon $tied_at
 * @property Carbon|null $until_at  when it was put away
 * @property Lure|null $lure
 * @property Rod|null $rod
 * @property Outing $outing
 * @property Spot|null $spot
 */
final class Setup extends Model
{
    use Capped;

    protected $table = 'setups';

    protected $guarded = ['id'];

    public $timestamps = false;

    /** To the millisecond: what comes first matters. */
    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'cadence' => Known::class.':'.Cadence::class, 'depth_m' => 'float', 'lift_m' => 'float', 'lift_s' => 'float',
            'pause_s' => 'float', 'rule_points' => 'float', 'tied_at' => Moment::ALWAYS, 'until_at' => Moment::class,
        ];
    }

    /** As picks are named: "lure.hole.cadence". */
    public function key(): string
    {
        return "{$this->lure_id}.{$this->hole}.{$this->cadence?->value}";
    }

    /** @return HasMany<Event, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(Event::class);
    }

    /** @return BelongsTo<Lure, $this> */
    public function lure(): BelongsTo
    {
        return $this->belongsTo(Lure::class);
    }

    /** @return BelongsTo<Rod, $this> */
    public function rod(): BelongsTo
    {
        return $this->belongsTo(Rod::class);
    }

    /** @return BelongsTo<Spot, $this> */
    public function spot(): BelongsTo
    {
        return $this->belongsTo(Spot::class);
    }

    /** @return BelongsTo<Outing, $this> */
    public function outing(): BelongsTo
    {
        return $this->belongsTo(Outing::class);
    }
}
