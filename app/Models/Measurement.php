<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Known;
use App\Models\Casts\Moment;
use App\Models\Concerns\Capped;
use App\Models\Concerns\FoundByItsAngler;
use Eskith\Telling\Enums\MeasurementKind;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Something the angler measured that replaces an estimate. Its value: of a drop the falling drag coefficient, of a hang
 * reading the angle in degrees, of a drift the drift over the wind, of a start the tip travel over the reckoned one.
 *
 * @property int $id
 * @property int $user_id
 * @property int|null $lure_id
 * @property string $uuid
 * @property MeasurementKind|null $kind  null for one that is not known
 * @property string|null $hole
 * @property float $value
 * @property string $method
 * @property Carbon $measured_at
 */
final class Measurement extends Model
{
    use Capped;
    use FoundByItsAngler;

    protected $table = 'measurements';

    protected $guarded = ['id'];

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => Known::class.':'.MeasurementKind::class, 'value' => 'float', 'measured_at' => Moment::ALWAYS];
    }
}
