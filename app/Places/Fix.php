<?php

declare(strict_types=1);

namespace App\Places;

use App\Models\Feed;
use App\Models\Sounding;
use App\Models\Spot;
use App\Models\User;
use App\Models\Water;
use App\Rows\Placing;
use Eskith\Core\Water\Position;
use Illuminate\Support\Carbon;

/** Where the boat is, as its instruments say. */
final readonly class Fix
{
    private function __construct(public Position $at, public ?float $depthM)
    {
    }

    /** On a water at a moment; null when the instruments were silent then, or the boat was elsewhere. */
    public static function on(User $user, Water $water, Carbon $moment): ?self
    {
        $frame = Placing::frame($water);
        $feed = $user->feed()->first();
        if ($frame === null || $feed === null) {
            return null;
        }
        if (
            $feed->fix_at !== null && $feed->latitude !== null && $feed->longitude !== null
            && abs($feed->fix_at->diffInSeconds($moment)) <= Feed::FRESH_S && $frame->reaches($feed->latitude, $feed->longitude)
        ) {
            return new self($frame->position($feed->latitude, $feed->longitude), null);
        }

        return self::recorded($user, $water, $moment);
    }

    /** Puts a spot that is on no chart yet where the boat is now, where its instruments say so. */
    public static function place(User $user, Spot $spot): void
    {
        $fix = Placing::spot($spot) === null ? self::on($user, $spot->water, Carbon::now()) : null;
        if ($fix !== null) {
            $spot->update(['east_m' => $fix->at->east, 'north_m' => $fix->at->north]);
        }
    }

    /** What came late may have been passed while it was recorded. */
    private static function recorded(User $user, Water $water, Carbon $moment): ?self
    {
        $near = static fn (int $seconds): string => (new Sounding)->fromDateTime($moment->copy()->addSeconds($seconds)) ?? '';
        $row = Sounding::query()->where('user_id', $user->id)
            ->whereIn('survey_id', $water->surveys()->whereNull('until_at')->select('id'))
            ->whereBetween('at', [$near(-Feed::FRESH_S), $near(Feed::FRESH_S)])->orderByDesc('at')->first();

        return $row === null ? null : new self(new Position($row->east_m, $row->north_m), $row->depth_m);
    }
}
