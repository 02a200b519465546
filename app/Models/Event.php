<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Known;
use App\Models\Casts\Moment;
use App\Models\Concerns\FoundByItsAngler;
use Eskith\Core\Care\HeldIn;
use Eskith\Telling\Enums\BitePhase;
use Eskith\Telling\Enums\EventKind;
use Eskith\Telling\Enums\Flew;
use Eskith\Telling\Enums\HookHeld;
use Eskith\Telling\Enums\LostAt;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Something that happened while fishing.
 *
 * @property int $id
 * @property int $user_id
 * @property int $outing_id
 * @property int $setup_id
 * @property string $uuid
 * @property EventKind|null $kind  null for one that is not known
 * @property BitePhase|null $came
 * @property string|null $species
 * @property float|null $length_m
 * @property string|null $length_text
 * @property bool|null $landed
 * @property float|null $depth_m
 * @property bool $depth_computed  told from the drop before, not read or typed
 * @property HookHeld|null $hook
 * @property HeldIn|null $held  where in the fish
 * @property Flew|null $flew  how the lure flew, of one that fouled
 * @property bool|null $bent  whether the hook was
 * @property LostAt|null $lost_at
 * @property bool|null $kept  not released
 * @property bool|null $lure_lost  whether the lure stayed down
 * @property float|null $girth_m
 * @property string|null $girth_text
 * @property float|null $scale_kg  as it was weighed
 * @property string|null $scale_text
 * @property string|null $tag  its number
 * @property string|null $tag_contact  whom it says to tell
 * @property string $note
 * @property array<string, string>|null $told  when each thing of it was told last
 * @property Carbon $at
 * @property Carbon|null $over_at  when a fish was landed or lost
 * @property Carbon|null $undone_at
 * @property string|null $became  uuid of the fish that it was the first of
 * @property Outing $outing
 * @property Setup $setup
 */
final class Event extends Model
{
    use FoundByItsAngler;

    protected $table = 'events';

    protected $guarded = ['id'];

    public $timestamps = false;

    /** To the millisecond: what comes first matters. */
    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => Known::class.':'.EventKind::class, 'came' => Known::class.':'.BitePhase::class, 'length_m' => 'float',
            'landed' => 'boolean', 'depth_m' => 'float', 'depth_computed' => 'boolean', 'hook' => Known::class.':'.HookHeld::class,
            'held' => Known::class.':'.HeldIn::class, 'flew' => Known::class.':'.Flew::class, 'bent' => 'boolean',
            'lost_at' => Known::class.':'.LostAt::class, 'kept' => 'boolean', 'lure_lost' => 'boolean',
            'girth_m' => 'float', 'scale_kg' => 'float', 'told' => 'array',
            'at' => Moment::ALWAYS, 'undone_at' => Moment::class, 'over_at' => Moment::class,
        ];
    }

    /**
     * Those that were not taken back.
     *
     * @param  Builder<self>  $query
     */
    public function scopeStanding(Builder $query): void
    {
        $query->whereNull('undone_at');
    }

    /**
     * Those that a fish had to do with.
     *
     * @param  Builder<self>  $query
     */
    public function scopeBites(Builder $query): void
    {
        $query->whereIn('kind', EventKind::bites());
    }

    /**
     * Those of outings that are not taken away.
     *
     * @param  Builder<self>  $query
     */
    public function scopeOfOutingsThatStand(Builder $query): void
    {
        $query->whereIn('outing_id', Outing::query()->select('id')->whereNull('deleted_at'));
    }

    /** @return BelongsTo<Outing, $this> */
    public function outing(): BelongsTo
    {
        return $this->belongsTo(Outing::class);
    }

    /** @return BelongsTo<Setup, $this> */
    public function setup(): BelongsTo
    {
        return $this->belongsTo(Setup::class);
    }
}
