<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Capped;
use App\Models\Concerns\FoundByItsAngler;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What the angler has written down of sizes, bag and closed days of a fish on a water.
 *
 * @property int $id
 * @property int $user_id
 * @property int $water_id
 * @property string $species
 * @property float|null $shortest_m
 * @property string|null $shortest_text
 * @property float|null $longest_m
 * @property string|null $longest_text
 * @property float|null $slot_from_m  from here to the next goes back
 * @property string|null $slot_from_text
 * @property float|null $slot_to_m
 * @property string|null $slot_to_text
 * @property int|null $bag  kept in a day
 * @property string|null $closed_from  "MM-DD"
 * @property string|null $closed_to  "MM-DD"
 * @property Water $water
 */
final class CardRule extends Model
{
    use Capped;
    use FoundByItsAngler;

    protected $table = 'card_rules';

    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['shortest_m' => 'float', 'longest_m' => 'float', 'slot_from_m' => 'float', 'slot_to_m' => 'float', 'bag' => 'integer'];
    }

    /** @return BelongsTo<Water, $this> */
    public function water(): BelongsTo
    {
        return $this->belongsTo(Water::class);
    }
}
