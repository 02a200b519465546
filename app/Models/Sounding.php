<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Moment;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A depth at a place, reduced to the water's zero; while it is being recorded, as the instruments said it.
 *
 * @property int $id
 * @property int $user_id
 * @property int $survey_id
 * @property float $east_m
 * @property float $north_m
 * @property float $depth_m
 * @property Carbon|null $at
 */
final class Sounding extends Model
{
    protected $table = 'soundings';

    protected $guarded = ['id'];

    public $timestamps = false;

    /** To the millisecond, as they are recorded. */
    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['east_m' => 'float', 'north_m' => 'float', 'depth_m' => 'float', 'at' => Moment::class];
    }
}
