<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Known;
use App\Models\Casts\Moment;
use App\Models\Concerns\Capped;
use App\Models\Concerns\FoundByItsAngler;
use Eskith\Telling\Enums\SurveySource;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * Soundings that came in together.
 *
 * @property int $id
 * @property int $user_id
 * @property int $water_id
 * @property string $uuid
 * @property string $name
 * @property SurveySource|null $source  null for one that is not known
 * @property Carbon $from_at
 * @property Carbon|null $until_at  null while it is being recorded
 * @property int $seconds  spent looking
 * @property int $brought  depths, before they were thinned
 * @property int $spikes
 * @property Water $water
 */
final class Survey extends Model
{
    use Capped;
    use FoundByItsAngler;

    protected $table = 'surveys';

    protected $guarded = ['id'];

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['source' => Known::class.':'.SurveySource::class, 'from_at' => Moment::ALWAYS, 'until_at' => Moment::class];
    }

    /** @return BelongsTo<Water, $this> */
    public function water(): BelongsTo
    {
        return $this->belongsTo(Water::class);
    }

    /** @return HasMany<Sounding, $this> */
    public function soundings(): HasMany
    {
        return $this->hasMany(Sounding::class);
    }
}
