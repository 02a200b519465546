<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Outing;
use App\Models\User;
use Eskith\Telling\Enums\TapsGo;
use Illuminate\Support\Carbon;

/** The outing that taps of an address belong to, as it is now. */
final readonly class TapTarget
{
    private function __construct(public TapsGo $goes, public ?Outing $outing)
    {
    }

    /** @param  string  $uuid  of the outing as the device knows it */
    public static function of(User $angler, string $uuid): self
    {
        $outings = Outing::query()->where('user_id', $angler->id);
        $outing = (clone $outings)->where('uuid', $uuid)->first();
        $into = $outing === null ? $outings->whereJsonContains('joined', $uuid)->first() : null;

        $away = ($outing ?? $into)?->deleted_at;

        return match (true) {
            $outing === null && $into === null, $away?->diffInHours(Carbon::now()) >= OutingKeeper::KEPT_H => new self(TapsGo::Gone, null),
            $away !== null => new self(TapsGo::Away, $outing ?? $into),
            $outing !== null => new self(TapsGo::Here, $outing),
            default => new self(TapsGo::Joined, $into),
        };
    }
}
