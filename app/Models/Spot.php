<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Known;
use App\Models\Concerns\Capped;
use App\Models\Concerns\FoundByItsAngler;
use Eskith\Core\Water\Bottom;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A place on a water that is fished.
 *
 * @property int $id
 * @property int $user_id
 * @property int $water_id
 * @property string $name
 * @property float|null $depth_m  null for one that is not known
 * @property Bottom|null $bottom  null for one that is not known
 * @property bool $wall
 * @property float|null $east_m  from its water's origin; null for one that is not placed
 * @property float|null $north_m
 * @property float|null $facing_deg  which way one looks from there
 * @property Water $water
 */
final class Spot extends Model
{
    use Capped;
    use FoundByItsAngler;

    protected $table = 'spots';

    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'bottom' => Known::class.':'.Bottom::class, 'depth_m' => 'float', 'wall' => 'boolean', 'east_m' => 'float',
            'north_m' => 'float', 'facing_deg' => 'float',
        ];
    }

    /** As places are called: "North bar · Slate Lake". */
    public function placed(): string
    {
        return "{$this->name} · {$this->water->name}";
    }

    /** @return BelongsTo<Water, $this> */
    public function water(): BelongsTo
    {
        return $this->belongsTo(Water::class);
    }
}
