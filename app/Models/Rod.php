<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Known;
use App\Models\Casts\Moment;
use App\Models\Concerns\Capped;
use App\Models\Concerns\FoundByItsAngler;
use Eskith\Core\Rig\Connector;
use Eskith\Core\Rig\Material;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A rod as it is rigged, from line to lure.
 *
 * @property int $id
 * @property int $user_id
 * @property string $uuid
 * @property string $name
 * @property float $length_m
 * @property string $length_text
 * @property float $lifts_kg
 * @property string $lifts_text
 * @property Material|null $leader  null when the main line goes to the lure, or for one that is not known
 * @property float|null $leader_n
 * @property string|null $leader_n_text
 * @property float|null $leader_m
 * @property string|null $leader_m_text
 * @property Connector|null $connector  null for one that is not known
 * @property Carbon|null $retied_at  when the leader was tied anew
 * @property int|null $line_id  on its reel
 * @property string|null $owner  a partner's name; null for the angler's own
 * @property bool $still  stays out with other bait
 * @property Carbon|null $ashore_at  since when it is not on board
 * @property Carbon|null $created_at
 */
final class Rod extends Model
{
    use Capped;
    use FoundByItsAngler;

    protected $table = 'rods';

    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'length_m' => 'float', 'lifts_kg' => 'float', 'leader' => Known::class.':'.Material::class, 'leader_n' => 'float',
            'leader_m' => 'float', 'connector' => Known::class.':'.Connector::class, 'still' => 'boolean',
            'retied_at' => Moment::class, 'created_at' => Moment::class, 'ashore_at' => Moment::class,
        ];
    }

    /**
     * In the order in which they came.
     *
     * @param  Builder<self>  $query
     */
    public function scopeOnBoard(Builder $query): void
    {
        $query->whereNull('ashore_at')->orderBy('id');
    }

    /** "Casting rod", "Sam's rod" as it was named, and whose it is where that is not said. */
    public function called(): string
    {
        return $this->owner === null || str_contains(mb_strtolower($this->name), mb_strtolower($this->owner))
            ? $this->name
            : "{$this->name} ({$this->owner})";
    }
}
