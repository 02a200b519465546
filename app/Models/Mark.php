<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Known;
use App\Models\Casts\Moment;
use App\Models\Concerns\Capped;
use App\Models\Concerns\FoundByItsAngler;
use Eskith\Core\Water\Bottom;
use Eskith\Telling\Enums\MarkKind;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A place on a water where something was: a fish, a snag, an edge. Metres round the water.
 *
 * @property int $id
 * @property int $user_id
 * @property int $water_id
 * @property int|null $outing_id
 * @property string $uuid
 * @property MarkKind|null $kind  null for one that is not known
 * @property float $east_m
 * @property float $north_m
 * @property bool $about  not where the boat was, only the spot it was at
 * @property float|null $accuracy_m  m within which a phone knew where it was; null where no phone said so
 * @property float|null $depth_m
 * @property Bottom|null $bottom
 * @property string $side  that worked
 * @property string $direction  that worked
 * @property string $note
 * @property Carbon $at
 * @property Water $water
 */
final class Mark extends Model
{
    use Capped;
    use FoundByItsAngler;

    protected $table = 'marks';

    protected $guarded = ['id'];

    public $timestamps = false;

    /** To the millisecond: what comes first matters. */
    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => Known::class.':'.MarkKind::class, 'bottom' => Known::class.':'.Bottom::class, 'east_m' => 'float',
            'north_m' => 'float', 'about' => 'boolean', 'depth_m' => 'float', 'accuracy_m' => 'float', 'at' => Moment::ALWAYS,
        ];
    }

    /** @return BelongsTo<Water, $this> */
    public function water(): BelongsTo
    {
        return $this->belongsTo(Water::class);
    }
}
