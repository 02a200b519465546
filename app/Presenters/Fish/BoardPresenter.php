<?php

declare(strict_types=1);

namespace App\Presenters\Fish;

use App\Models\Event;
use App\Models\Outing;
use App\Models\Rod;
use App\Models\Setup;
use App\Models\User;
use App\Record\Logbook;
use App\Record\RodTally;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Words\Words;
use Eskith\Telling\Data\Fish\RodOnBoardData;
use Eskith\Telling\Data\Fish\TallyData;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/** The rods on board, each with what is on it. */
final readonly class BoardPresenter
{
    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /** @return list<RodOnBoardData> in the order in which they came */
    public function rods(?Outing $outing): array
    {
        $logbook = Logbook::of($this->user);

        return $this->each($outing, fn (Rod $rod, ?Setup $setup, LureNames $names): RodOnBoardData => $this->one(
            $rod, $setup, $names, $setup === null ? null : $logbook->lastBite($setup)?->at, null,
        ));
    }

    /**
     * The same with what each did today.
     *
     * @param  Collection<int, Event>  $listed  the newest events, of all rods
     * @param  bool  $all  whether there are no others
     * @return list<RodOnBoardData>
     */
    public function tallied(Outing $outing, Collection $listed, bool $all): array
    {
        return $this->each($outing, function (Rod $rod, ?Setup $setup, LureNames $names) use ($outing, $listed, $all): RodOnBoardData {
            $tally = RodTally::of($outing, $rod->id, $listed, $all);

            return $this->one($rod, $setup, $names, $tally->lastTouch, self::tally($tally, $setup));
        });
    }

    /**
     * @param  callable(Rod, Setup|null, LureNames): RodOnBoardData  $make
     * @return list<RodOnBoardData>
     */
    private function each(?Outing $outing, callable $make): array
    {
        $names = new LureNames(new UnitFormat($this->user->settings()->units));
        $tied = $outing === null ? [] : Logbook::of($this->user)->onTheRods($outing);
        $rods = [];
        foreach ($this->user->rods()->onBoard()->get() as $rod) {
            $rods[] = $make($rod, $tied[$rod->id] ?? null, $names);
        }

        return $rods;
    }

    private function one(Rod $rod, ?Setup $setup, LureNames $names, ?Carbon $lastBite, ?TallyData $tally): RodOnBoardData
    {
        return new RodOnBoardData(
            uuid: $rod->uuid,
            name: $rod->called(),
            inHand: $rod->id === $this->user->rod_id,
            still: $rod->still,
            tied: $setup === null ? '' : self::named($setup, $names),
            way: $setup === null ? '' : self::way($setup),
            setup: $setup?->uuid,
            quietSince: $setup === null ? null : Logbook::quietSince($setup, $lastBite)->toIso8601ZuluString('millisecond'),
            tally: $tally,
        );
    }

    public static function tally(RodTally $tally, ?Setup $setup): TallyData
    {
        return new TallyData(
            drops: $tally->drops,
            touches: $tally->touches,
            landed: $tally->landed,
            dropsBefore: $tally->dropsBefore,
            touchBefore: $tally->touchBefore?->toIso8601ZuluString('millisecond'),
            tiedAt: $setup?->tied_at->toIso8601ZuluString('millisecond'),
        );
    }

    /** "middle hole · low hop" */
    public static function way(Setup $setup): string
    {
        return implode(' · ', array_filter([$setup->hole === null ? '' : Words::of(
            '{hole} hole', hole: $setup->hole,
        ), (string) $setup->cadence?->word()]));
    }

    /** What is tied on, as a title. */
    public static function named(Setup $setup, LureNames $names): string
    {
        return match (true) {
            $setup->lure === null => 'Other bait',
            $setup->lure->isSound() => $names->title($setup->lure->kept()->lure()),
            default => $setup->lure->kept()->unusable()->text,
        };
    }
}
