<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Known;
use App\Models\Casts\Moment;
use App\Models\Concerns\Capped;
use App\Models\Concerns\FoundByItsAngler;
use Eskith\Core\Water\Profile;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Auth;

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
 * @property float|null $latitude  of the origin that its places are counted from; null for a water that is only sketched
 * @property float|null $longitude
 * @property float|null $level_m  above its zero; null where nobody read it
 * @property string|null $level_text
 * @property Carbon|null $level_at
 * @property float|null $flood_deg  toward which the flood runs
 * @property float|null $fastest_ms  of its tide, as it was measured
 * @property string|null $fastest_text
 * @property string|null $forecast  as it came, JSON; null where none is set
 * @property string|null $forecast_address  whence
 * @property Carbon|null $forecast_at
 * @property int $ground  counts up with every change of its soundings
 */
final class Water extends Model
{
    use Capped;
    use FoundByItsAngler;

    protected $table = 'waters';

    protected $guarded = ['id'];

    private ?bool $madeUp = null;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'profile' => Known::class.':'.Profile::class, 'salinity' => 'float', 'tide' => 'array', 'latitude' => 'float',
            'longitude' => 'float', 'level_m' => 'float',
            'level_at' => Moment::class, 'created_at' => Moment::class,
            'forecast_at' => Moment::class, 'flood_deg' => 'float', 'fastest_ms' => 'float',
        ];
    }

    /** @return HasMany<Spot, $this> */
    public function spots(): HasMany
    {
        return $this->hasMany(Spot::class);
    }

    /** @return HasMany<Mark, $this> */
    public function marks(): HasMany
    {
        return $this->hasMany(Mark::class);
    }

    /** @return HasMany<Edge, $this> */
    public function edges(): HasMany
    {
        return $this->hasMany(Edge::class);
    }

    /** @return HasMany<Survey, $this> */
    public function surveys(): HasMany
    {
        return $this->hasMany(Survey::class);
    }

    /** @return HasMany<CardRule, $this> */
    public function cardRules(): HasMany
    {
        return $this->hasMany(CardRule::class);
    }

    /** @return HasOne<WaterShare, $this> */
    public function share(): HasOne
    {
        return $this->hasOne(WaterShare::class);
    }

    /** Whether it is one of the demo's, of which weather and tides are made up; of a real one nothing ever is. */
    public function isMadeUp(): bool
    {
        $signedIn = Auth::user();
        // Whose it is does not change; it is asked for once.
        $owner = fn (): ?User => $signedIn instanceof User && $signedIn->id === $this->user_id
            ? $signedIn : User::query()->find($this->user_id);

        return $this->madeUp ??= $owner()?->isDemo() ?? false;
    }
}
