<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use App\Models\Concerns\FoundByItsAngler;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A rod, reel, leader, connector or packet of hooks.
 *
 * @property int $id
 * @property int $user_id
 * @property string $uuid
 * @property string $kind
 * @property string $name
 * @property string $details
 * @property int $quantity
 * @property Carbon|null $put_on
 * @property Carbon|null $retired_at
 */
final class Gear extends Model
{
    use BootsByName;
    use FoundByItsAngler;

    public const KINDS = ['rod', 'reel', 'leader', 'connector', 'hooks'];

    protected $table = 'gear';

    protected $guarded = ['id'];

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['put_on' => 'date', 'retired_at' => 'datetime'];
    }
}
