<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Known;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\FoundByItsAngler;
use Eskith\Core\Water\Profile;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A lake, river, quarry or harbour.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property string $kind
 * @property Profile|null $profile  null for one that is not known
 * @property float $salinity
 * @property string $local_rules
 * @property string $protected_fish
 * @property array<string, mixed>|null $tide  mean, epoch and waves; null where there is none
 */
final class Water extends Model
{
    use BootsByName;
    use FoundByItsAngler;

    protected $table = 'waters';

    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['profile' => Known::class.':'.Profile::class, 'salinity' => 'float', 'tide' => 'array'];
    }

    /** @return HasMany<Spot, $this> */
    public function spots(): HasMany
    {
        return $this->hasMany(Spot::class);
    }
}
