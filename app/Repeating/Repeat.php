<?php

declare(strict_types=1);

namespace App\Repeating;

use App\Account\Preferences;
use App\Models\Setup;
use App\Models\User;
use App\Plans\PlanBook;
use App\Readings\ReadingKeeper;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Settings\OwnCadences;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** A past moment set up again: its readings, the counts of its cadence, its plan; what to tie on is shown on Lure. */
final class Repeat
{
    /** Readings of then that are of use again; those of the day itself are read anew. */
    public const READINGS = ['temp', 'depth', 'clarity', 'light', 'bottom', 'species', 'how', 'zone', 'mood', 'wall'];

    /** @throws InvalidInput when its readings are impossible together; then nothing has changed */
    public static function from(User $user, Setup $setup): void
    {
        DB::transaction(static function () use ($user, $setup): void {
            ReadingKeeper::of($user)->keepPossible(array_intersect_key($setup->outing->readings, array_flip(self::READINGS)));
            self::counts($user, $setup);
            self::plan($user, $setup);
        });
    }

    private static function counts(User $user, Setup $setup): void
    {
        $cadence = $setup->cadence;
        if ($cadence === null || $setup->lift_m === null || $setup->lift_s === null || $setup->pause_s === null) {
            return;
        }
        $usual = $user->settings()->cadences->of($cadence);
        $apart = [$usual->liftM - $setup->lift_m, $usual->liftSeconds - $setup->lift_s, $usual->pauseSeconds - $setup->pause_s];
        if (max(array_map(abs(...), $apart)) < 1e-3) {
            return;
        }
        $units = $user->settings()->units;
        Preferences::change($user, static fn (array $set): array => [...$set, OwnCadences::KEY => OwnCadences::of($set)->with(
            $cadence, (new UnitFormat($units))->lift($setup->lift_m), "{$setup->lift_s} s", "{$setup->pause_s} s", $units,
            Carbon::now(),
        )]);
    }

    private static function plan(User $user, Setup $setup): void
    {
        $plan = $user->plans()->where('outing_id', $setup->outing_id)->orderByDesc('id')->first();
        $there = $plan !== null && $user->plans()->standing()->where('name', $plan->name)->exists();
        if ($plan?->kind !== null && ! $there) {
            PlanBook::of($user)->keep((string) Str::uuid(), $plan->kind, $plan->name, $plan->fields);
        }
    }
}
