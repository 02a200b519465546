<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Known;
use App\Models\Casts\Moment;
use App\Models\Concerns\Capped;
use App\Models\Concerns\FoundByItsAngler;
use Eskith\Telling\Enums\EdgeKind;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A line on the chart of a water: a wall, a weed edge, a shore.
 *
 * @property int $id
 * @property int $user_id
 * @property int $water_id
 * @property string $uuid
 * @property EdgeKind|null $kind  null for one that is not known
 * @property string $name
 * @property array<array-key, mixed>|null $points  pairs of m east and north; null where they cannot be read
 * @property Carbon $seen_on
 * @property Water $water
 */
final class Edge extends Model
{
    use Capped;
    use FoundByItsAngler;

    protected $table = 'edges';

    protected $guarded = ['id'];

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => Known::class.':'.EdgeKind::class, 'points' => 'array', 'seen_on' => Moment::ALWAYS];
    }

    /** @return BelongsTo<Water, $this> */
    public function water(): BelongsTo
    {
        return $this->belongsTo(Water::class);
    }
}
