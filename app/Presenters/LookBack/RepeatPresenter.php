<?php

declare(strict_types=1);

namespace App\Presenters\LookBack;

use App\Data\LookBack\RepeatData;
use App\Models\Outing;
use App\Models\Setup;
use App\Models\User;
use App\Presenters\Fish\BoardPresenter;
use App\Rows\BiteReader;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Choosing\UnitFormat;

/** The moment that is most worth repeating: what was on in the best outing, and how it was then. */
final class RepeatPresenter
{
    /** Readings of then that are of use again; those of the day itself are read anew. */
    private const READINGS = ['temp', 'depth', 'clarity', 'light', 'bottom', 'species', 'how', 'zone', 'mood', 'wall'];

    public static function of(User $user, BiteReader $bites): ?RepeatData
    {
        $setup = $bites->best();
        if ($setup?->lure === null || ! $setup->lure->isAtHand()) {
            return null;
        }

        return new RepeatData(
            $setup->tied_at->toIso8601String(),
            BoardPresenter::named($setup, new LureNames(new UnitFormat($user->likes()->units))).', '.BoardPresenter::way($setup),
            self::address($setup, $setup->outing),
        );
    }

    /** Where Lure shows it with the readings of then. */
    public static function address(Setup $setup, Outing $outing): string
    {
        $readings = array_intersect_key($outing->readings, array_flip(self::READINGS));

        return '/lure?'.http_build_query([...$readings, 'pick' => $setup->key()]);
    }
}
