<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Moment;
use App\Models\Concerns\Capped;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Something done to a lure, a line or gear.
 *
 * @property int $id
 * @property int $user_id
 * @property string $uuid
 * @property int|null $lure_id
 * @property int|null $gear_id
 * @property int|null $line_id
 * @property string $what
 * @property Carbon $at
 */
final class History extends Model
{
    use Capped;

    protected $table = 'history';

    protected $guarded = ['id'];

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => Moment::ALWAYS];
    }
}
