<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Moment;
use App\Models\Concerns\Capped;
use App\Models\Concerns\FoundByItsAngler;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A picture of one of an angler's things (Telling\Enums\PictureOf); what it holds lies beside it, in `picture_files`.
 *
 * @property int $id
 * @property int $user_id
 * @property int|null $event_id
 * @property int|null $lure_id
 * @property int|null $spot_id
 * @property string $uuid
 * @property int $width  dots
 * @property int $height  dots
 * @property int $size  bytes
 * @property Carbon $at  when it was kept on the device
 */
final class Picture extends Model
{
    use Capped;
    use FoundByItsAngler;

    protected $table = 'pictures';

    protected $guarded = ['id'];

    public $timestamps = false;

    /** To the millisecond: what comes first matters. */
    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['width' => 'integer', 'height' => 'integer', 'size' => 'integer', 'at' => Moment::ALWAYS];
    }
}
