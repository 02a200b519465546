<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Moment;
use App\Models\Concerns\Capped;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Some minutes of where the boat went, as a phone told it.
 *
 * @property int $id
 * @property int $user_id
 * @property int $outing_id
 * @property string $uuid
 * @property Carbon $from_at
 * @property string $fixes  as Core\Formats\FixText writes them, s since from_at
 */
final class TrackPart extends Model
{
    use Capped;

    protected $table = 'tracks';

    protected $guarded = ['id'];

    public $timestamps = false;

    /** To the millisecond: what comes first matters. */
    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['from_at' => Moment::ALWAYS];
    }
}
