<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Known;
use App\Models\Casts\Moment;
use App\Models\Concerns\Capped;
use App\Models\Concerns\FoundByItsAngler;
use Eskith\Telling\Enums\GearKind;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A rod, reel, leader, connector or packet of hooks.
 *
 * @property int $id
 * @property int $user_id
 * @property string $uuid
 * @property GearKind|null $kind  null for one that is not known
 * @property string $name
 * @property string $details
 * @property int $quantity
 * @property Carbon|null $put_on
 * @property Carbon|null $retired_at
 */
final class Gear extends Model
{
    use Capped;
    use FoundByItsAngler;

    protected $table = 'gear';

    protected $guarded = ['id'];

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => Known::class.':'.GearKind::class, 'put_on' => Moment::DAY, 'retired_at' => Moment::class];
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
}
