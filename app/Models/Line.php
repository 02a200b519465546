<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Moment;
use App\Models\Concerns\Capped;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A main line the angler owns.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property string $kind
 * @property float $diameter_m
 * @property string $diameter_text
 * @property float $break_n
 * @property string $break_text
 * @property bool $in_use
 * @property Carbon|null $put_on
 */
final class Line extends Model
{
    use Capped;

    protected $table = 'lines';

    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['diameter_m' => 'float', 'break_n' => 'float', 'in_use' => 'boolean', 'put_on' => Moment::DAY];
    }

    /** @param  Builder<self>  $query */
    public function scopeOnTheReel(Builder $query): void
    {
        $query->where('in_use', true);
    }
}
