<?php

declare(strict_types=1);

namespace App\Presenters\Lure;

use App\Kits\Kits;
use App\Models\User;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Words\Words;
use Eskith\Telling\Choosing\RankedBox;
use Eskith\Telling\Data\Lure\AnswerData;
use Eskith\Telling\Lure\AnswerPresenter;
use Eskith\Telling\Settings\Fault;

/** The answer for today's readings of an angler, as they are kept. */
final class TodaysAnswer
{
    /**
     * Overlaid by readings that are only tried, and for what is tied on.
     *
     * @param  array<array-key, mixed>  $tried  name => text
     * @param  string|null  $wanted  a way to fish, "lure.hole.cadence", also where it is far down
     * @param  string|null  $family  lists only this family; "vibe" is one
     *
     * @throws InvalidInput when a tried reading cannot be used
     */
    public static function of(User $user, array $tried = [], ?string $wanted = null, ?string $family = null): AnswerData
    {
        return AnswerPresenter::of(Kits::ranked($user, $tried), $wanted, $family);
    }

    /**
     * The same for a page, which opens whatever its link says.
     *
     * @param  array<array-key, mixed>  $tried  name => text
     * @return array{AnswerData, string|null, RankedBox} the answer; without what was tried when that cannot be, and a sentence that
     *         says so; and the box as it is ranked for it
     */
    public static function orTrouble(User $user, array $tried, ?string $wanted, ?string $family = null): array
    {
        try {
            $rankedBox = Kits::ranked($user, $tried);

            return [AnswerPresenter::of($rankedBox, $wanted, $family), null, $rankedBox];
        } catch (InvalidInput $bad) {
            $why = Fault::words($bad, $user->settings()->units);
            $rankedBox = Kits::ranked($user);

            return [AnswerPresenter::of($rankedBox), Words::of(
                "A reading in this link can't be used, so yours are shown. {why}", why: $why,
            ), $rankedBox];
        }
    }
}
