<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Casts\Moment;
use App\Models\Pause;
use Eskith\Core\Record\Spans;
use Illuminate\Support\Carbon;

/** How long ago something was by the clock of a rod, which stands while the rod rests. */
final readonly class RestsOfRods
{
    /**
     * @param  list<array{int|null, float, float}>  $pauses  rod, null for all, and h ago from and to
     */
    private function __construct(private array $pauses, private Carbon $now)
    {
    }

    /** @param  list<int>  $outings  ids of those in which anything paused */
    public static function in(array $outings, Carbon $now): self
    {
        $ago = static fn (Carbon $moment): float => max(0.0, $moment->diffInMilliseconds($now, false) / 3.6e6);

        $pauses = $outings === [] ? [] : Pause::query()->whereIn('outing_id', $outings)->get()->all();

        return new self(array_values(array_map(static fn (Pause $pause): array => [
            $pause->rod_id, $ago($pause->from_at), $pause->until_at === null ? 0.0 : $ago($pause->until_at),
        ], $pauses)), $now);
    }

    /** Hours fished since a moment as it is kept, on a rod; none since what is no moment. */
    public function ageH(mixed $moment, int $rodId): float
    {
        $age = max(0.0, (Moment::read($moment) ?? $this->now)->diffInMilliseconds($this->now, false) / 3.6e6);
        if ($this->pauses === []) {
            return $age;
        }
        $spans = [];
        foreach ($this->pauses as [$rod, $from, $to]) {
            if ($rod === null || $rod === $rodId) {
                $spans[] = [-$from, -$to];
            }
        }

        return Spans::outside(Spans::union($spans), -$age, 0.0);
    }
}
