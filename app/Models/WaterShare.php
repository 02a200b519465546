<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A water that others of this server may take a copy of, by a code.
 *
 * @property int $id
 * @property int $user_id
 * @property int $water_id
 * @property string $code
 * @property Water $water
 */
final class WaterShare extends Model
{
    protected $table = 'water_shares';

    protected $guarded = ['id'];

    /** @return BelongsTo<Water, $this> */
    public function water(): BelongsTo
    {
        return $this->belongsTo(Water::class);
    }
}
