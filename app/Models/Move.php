<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Moment;
use App\Models\Concerns\Capped;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * From a moment on an outing goes on at another spot.
 *
 * @property int $id
 * @property int $user_id
 * @property int $outing_id
 * @property int|null $spot_id  null once the spot is gone
 * @property string $uuid
 * @property string $place  as it was called
 * @property array<string, string>|null $readings  as they stood when one left again; null before that
 * @property Carbon $at
 * @property Carbon|null $undone_at  one had only passed by
 * @property Spot|null $spot
 */
final class Move extends Model
{
    use Capped;

    protected $table = 'moves';

    protected $guarded = ['id'];

    public $timestamps = false;

    /** To the millisecond: what comes first matters. */
    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['readings' => 'array', 'at' => Moment::ALWAYS, 'undone_at' => Moment::class];
    }

    /** @return BelongsTo<Spot, $this> */
    public function spot(): BelongsTo
    {
        return $this->belongsTo(Spot::class);
    }
}
