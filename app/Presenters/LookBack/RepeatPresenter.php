<?php

declare(strict_types=1);

namespace App\Presenters\LookBack;

use App\Models\Outing;
use App\Models\Setup;
use App\Models\User;
use App\Presenters\Fish\BoardPresenter;
use App\Repeating\Repeat;
use App\Rows\BiteReader;
use App\Rows\OutingSummary;
use App\Rows\SeasonFilter;
use App\Rows\SeasonReader;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Choosing\TempBand;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Telling\Choosing\RankedBox;
use Eskith\Telling\Data\LookBack\RepeatData;

/** The moment that is most worth repeating: what was on in the best outing, and how it was then. */
final class RepeatPresenter
{
    /** What worked at today's spot before, when the water was about as warm; null where nothing did. */
    public static function here(User $user, RankedBox $rankedBox): ?RepeatData
    {
        $temp = $rankedBox->book->si('temp');
        $spot = $rankedBox->book->spotId;
        if ($temp === null || $spot === null) {
            return null;
        }
        $sought = SeasonFilter::of(['species' => $rankedBox->book->text('species')]);
        $reader = SeasonReader::of($user, $sought, past: true, spot: $spot);
        $band = TempBand::of($temp);

        return self::of($user, BiteReader::of($user, $reader->fished->only(
            static fn (OutingSummary $one): bool => $one->band() === $band,
        ), $spot));
    }

    public static function of(User $user, BiteReader $bites): ?RepeatData
    {
        $setup = $bites->best();
        if ($setup?->lure === null || ! $setup->lure->isAtHand()) {
            return null;
        }

        return new RepeatData(
            $setup->tied_at->toIso8601String(),
            BoardPresenter::named($setup, new LureNames(new UnitFormat($user->settings()->units))).', '.BoardPresenter::way($setup),
            self::address($setup, $setup->outing),
            $setup->uuid,
        );
    }

    /** Where Lure shows it with the readings of then. */
    public static function address(Setup $setup, Outing $outing): string
    {
        $readings = array_intersect_key($outing->readings, array_flip(Repeat::READINGS));

        return '/lure?'.http_build_query([...$readings, 'pick' => $setup->key()]);
    }
}
