<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Known;
use App\Models\Casts\Moment;
use Eskith\Telling\Enums\Source;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * The latest reading of one name.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property string $text
 * @property float|null $si
 * @property Source|null $source  null for one that is not known
 * @property bool $pinned
 * @property Carbon $read_at
 */
final class Reading extends Model
{
    protected $table = 'readings';

    protected $guarded = ['id'];

    public $timestamps = false;

    /** To the millisecond: which of two was read last matters. */
    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['source' => Known::class.':'.Source::class, 'si' => 'float', 'pinned' => 'boolean', 'read_at' => Moment::ALWAYS];
    }
}
