<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Moment;
use Eskith\Telling\Kept\KeptReading;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * The boat's instruments as last heard.
 *
 * @property int $id
 * @property int $user_id
 * @property string $address
 * @property int $heard
 * @property int $dropped
 * @property Carbon|null $seen_at
 * @property float|null $latitude  where the boat was last
 * @property float|null $longitude
 * @property Carbon|null $fix_at
 */
final class Feed extends Model
{
    /** Seconds after which what was heard is stale. */
    public const FRESH_S = KeptReading::FRESH_S;

    protected $table = 'feeds';

    protected $guarded = ['id'];

    public $timestamps = false;

    public function isLive(): bool
    {
        return $this->seen_at !== null && $this->seen_at->greaterThan(Carbon::now()->subSeconds(self::FRESH_S));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['seen_at' => Moment::class, 'latitude' => 'float', 'longitude' => 'float', 'fix_at' => Moment::class];
    }
}
