<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Database\Caps;
use Illuminate\Database\Eloquent\Model;

/**
 * No angler, and no water, has more of it than `Database\Caps` says, whichever way one more comes in.
 *
 * @mixin Model
 */
trait Capped
{
    public static function bootCapped(): void
    {
        self::creating(static function (self $row): void {
            [$angler, $water] = [$row->getAttribute('user_id'), $row->getAttributes()['water_id'] ?? null];
            if (is_numeric($angler)) {
                Caps::demand((int) $angler, $row->getTable());
            }
            if (is_numeric($water)) {
                Caps::demandInWater((int) $water, $row->getTable());
            }
        });
    }
}
