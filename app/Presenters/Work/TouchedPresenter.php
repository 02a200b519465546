<?php

declare(strict_types=1);

namespace App\Presenters\Work;

use App\Models\Event;
use App\Models\User;
use App\Record\Logbook;
use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Words\Words;
use Eskith\Telling\Data\Work\TouchedData;

/** What was touched in the outing under way, with the numbers it was worked by, so that it can be done again. */
final class TouchedPresenter
{
    private const MOST = 3;

    /** @return list<TouchedData> newest first, each way once */
    public static function of(User $user): array
    {
        $outing = Logbook::of($user)->underWay();
        $bites = $outing === null
            ? []
            : $outing->events()->standing()->bites()->with('setup.lure')->latest('at')->latest('id')->get()->all();
        $told = [];
        foreach ($bites as $bite) {
            $setup = $bite->setup;
            $numbers = "{$setup->key()} {$setup->lift_m} {$setup->lift_s} {$setup->pause_s}";
            if (! isset($told[$numbers]) && count($told) < self::MOST && $setup->cadence !== null) {
                $one = self::one($user, $bite, $setup->cadence);
                $told += $one === null ? [] : [$numbers => $one];
            }
        }

        return array_values($told);
    }

    /** Null where the numbers were not kept, or the lure cannot be read any more. */
    private static function one(User $user, Event $bite, Cadence $cadence): ?TouchedData
    {
        $setup = $bite->setup;
        if ($setup->lure === null || ! $setup->lure->isSound() || $setup->lift_m === null || $setup->lift_s === null
            || $setup->pause_s === null || ! $cadence->hasNumbers()) {
            return null;
        }
        $say = new UnitFormat($user->settings()->units);
        $now = $user->settings()->cadences->of($cadence);
        $same = abs($now->liftM - $setup->lift_m) < 1e-4 && abs($now->liftSeconds - $setup->lift_s) < 1e-3
            && abs($now->pauseSeconds - $setup->pause_s) < 1e-3;

        return new TouchedData(
            key: $setup->key(),
            at: $bite->at->toIso8601String(),
            words: Words::of(
                $setup->pause_s > 0
                    ? '{lure}, {cadence}: {lift} in {seconds}, wait {pause}'
                    : '{lure}, {cadence}: {lift} in {seconds}, no wait',
                lure: (new LureNames($say))->title($setup->lure->kept()->lure()), cadence: $cadence->word(),
                lift: $say->lift($setup->lift_m), seconds: $say->seconds($setup->lift_s), pause: $say->seconds((float) $setup->pause_s),
            ),
            cadence: $cadence->value,
            lift: round(100 * $setup->lift_m, 1).' cm',
            seconds: (string) round($setup->lift_s, 2),
            pause: (string) round($setup->pause_s, 2),
            same: $same,
        );
    }
}
