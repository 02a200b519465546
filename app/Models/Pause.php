<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Known;
use App\Models\Casts\Moment;
use App\Models\Concerns\Capped;
use Eskith\Telling\Enums\PauseWhy;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Time on the water in which a rod, or all of them, did not fish.
 *
 * @property int $id
 * @property int $user_id
 * @property int $outing_id
 * @property int|null $rod_id  null for all of them
 * @property string $uuid
 * @property PauseWhy|null $why  null for one that is not known
 * @property Carbon $from_at
 * @property Carbon|null $until_at  null while it lasts
 */
final class Pause extends Model
{
    use Capped;

    protected $table = 'pauses';

    protected $guarded = ['id'];

    public $timestamps = false;

    /** To the millisecond: what comes first matters. */
    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['why' => Known::class.':'.PauseWhy::class, 'from_at' => Moment::ALWAYS, 'until_at' => Moment::class];
    }
}
