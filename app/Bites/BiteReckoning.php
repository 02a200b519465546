<?php

declare(strict_types=1);

namespace App\Bites;

use App\Kits\Kits;
use App\Models\Event;
use App\Models\Setup;
use App\Models\User;
use Eskith\Core\Choosing\Falling;
use Eskith\Core\Drop\Fall;
use Eskith\Core\Record\BitePlace;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Enums\EventKind;
use Illuminate\Support\Carbon;

/** Where a bite came, told from the drop before it on the same rod. */
final readonly class BiteReckoning
{
    /** s after which a drop says nothing of a bite any more. */
    private const STALE_S = 3600;

    private function __construct(private Fall $fall, private Setup $setup)
    {
    }

    /** Null for other bait, for a lure that is no longer in the box, and while no depth is read. */
    public static function of(User $user, Setup $setup): ?self
    {
        try {
            $drop = $setup->lure === null || ! $setup->lure->isSound() ? null : Kits::drop($user, $setup->key());
            $column = $drop?->situation->columnIfStill;
            if ($drop === null || $column === null) {
                return null;
            }
            $candidate = $drop->candidate();

            $falls = Falling::toTheBottom($drop->situation, $drop->lure, $candidate->hole(), $candidate->hangAngleDeg);

            return new self(Fall::of($drop->lure->body, $falls, $column), $setup);
        } catch (InvalidInput) {
            return null;
        }
    }

    /** Null without a drop before it. */
    public function at(Carbon $at): ?BitePlace
    {
        // To the millisecond, as it is kept.
        $until = (new Event)->fromDateTime($at);
        $drop = $this->setup->events()->standing()->where('kind', EventKind::Drop)->where('at', '<=', $until)
            ->latest('at')->latest('id')->first();
        $seconds = $drop === null ? null : abs($drop->at->diffInMilliseconds($at)) / 1000;

        return $seconds === null || $seconds > self::STALE_S ? null : BitePlace::tapped($this->fall, $seconds);
    }

    /** @throws InvalidInput for a count that the lure never falls through */
    public function counted(float $count): BitePlace
    {
        return BitePlace::counted($this->fall, $count);
    }
}
