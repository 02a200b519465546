<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Known;
use App\Models\Casts\Moment;
use App\Models\Concerns\Capped;
use App\Models\Concerns\FoundByItsAngler;
use Eskith\Telling\Enums\PlanKind;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Casts or drifts laid out.
 *
 * @property int $id
 * @property int $user_id
 * @property string $uuid
 * @property int|null $outing_id
 * @property PlanKind|null $kind  null for one that is not known
 * @property string $name
 * @property array<string, string> $fields  as typed
 * @property array<int|string, mixed> $made  when each was made, by its number from 1
 * @property array<string, string>|null $told  when each was ticked last, by its number
 * @property string|null $worked  the side or direction that worked
 * @property Carbon|null $put_away_at
 */
final class Plan extends Model
{
    use Capped;
    use FoundByItsAngler;

    protected $table = 'plans';

    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => Known::class.':'.PlanKind::class, 'fields' => 'array', 'made' => 'array', 'told' => 'array',
            'put_away_at' => Moment::class,
        ];
    }

    /**
     * Not put away, newest first.
     *
     * @param  Builder<self>  $query
     */
    public function scopeStanding(Builder $query): void
    {
        $query->whereNull('put_away_at')->orderByDesc('id');
    }
}
