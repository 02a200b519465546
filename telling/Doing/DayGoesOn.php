<?php

declare(strict_types=1);

namespace Eskith\Telling\Doing;

use Eskith\Core\Cadence\Cadence;
use Eskith\Telling\Day\AnglersDay;
use Eskith\Telling\Day\OnTheRod;
use Eskith\Telling\Kept\KeptEvent;
use Eskith\Telling\Kept\KeptPause;
use Eskith\Telling\Kept\KeptSetup;

/** How a day goes on: begun, tied on, logged, rested, ended. What a device made is known by ids below nought. */
final class DayGoesOn
{
    public static function begin(AnglersDay $day, string $uuid, string $place, ?int $spot): AnglersDay
    {
        return $day->in(self::nextId($day), $uuid, $place, $spot, null);
    }

    /** An id that nothing of the day has. */
    public static function nextId(AnglersDay $day): int
    {
        return min([0, (int) $day->outing, ...array_column($day->setups, 'id')]) - 1;
    }

    public static function tie(AnglersDay $day, KeptSetup ...$setups): AnglersDay
    {
        return $day->listing(setups: [...$day->setups, ...array_values($setups)]);
    }

    /** What came off a rod; nothing is on it from then on, where it was still on. */
    public static function takeOff(AnglersDay $day, KeptSetup $setup, float $at): AnglersDay
    {
        $isOn = ($day->onTheRods()[(int) $setup->rod] ?? null)?->id === $setup->id;
        if (! $isOn) {
            return $day;
        }
        $day = $day->listing(setups: array_map(
            static fn (KeptSetup $one): KeptSetup => $one->id === $setup->id ? $one->over($at, $one->endedAt) : $one, $day->setups,
        ));

        return $setup->rod === $day->rodInHand ? $day->holding($setup->rod, null) : $day;
    }

    /** It is on again, where nothing was done with its rod since. */
    public static function putBack(AnglersDay $day, KeptSetup $setup, float $at): AnglersDay
    {
        $last = null;
        foreach ($day->setups as $one) {
            $last = $one->outing === $setup->outing && $one->rod === $setup->rod ? $one : $last;
        }
        if ($last?->id !== $setup->id || $setup->untilAt !== $at) {
            return $day;
        }
        $on = $setup->over(null, $setup->endedAt);
        $day = $day->listing(setups: array_map(static fn (KeptSetup $one): KeptSetup => $one->id === $on->id ? $on : $one, $day->setups));

        return $setup->rod === $day->rodInHand ? $day->holding($setup->rod, self::on($on)) : $day;
    }

    public static function log(AnglersDay $day, KeptEvent $event): AnglersDay
    {
        return $day->listing(events: [...$day->events, $event]);
    }

    /** All rest from a moment on, or one rod does. */
    public static function rest(AnglersDay $day, ?int $rod, float $at): AnglersDay
    {
        $day = self::goOn($day, $at);

        return $day->listing(pauses: [...$day->pauses, new KeptPause($rod, $at, null)]);
    }

    /** Fishing again: whatever began before and lasts ends now. */
    public static function goOn(AnglersDay $day, float $at): AnglersDay
    {
        return self::restsOver($day, $at, static fn (): bool => true);
    }

    /** A tap on a rod: what it paused for is over. */
    public static function fishedAgain(AnglersDay $day, ?int $rod, float $at): AnglersDay
    {
        return self::restsOver($day, $at, static fn (KeptPause $pause): bool => $pause->rod === null || $pause->rod === $rod);
    }

    /** @param  callable(KeptPause): bool  $which */
    private static function restsOver(AnglersDay $day, float $at, callable $which): AnglersDay
    {
        return $day->listing(pauses: array_map(
            static fn (KeptPause $pause): KeptPause => $pause->until === null && $pause->from <= $at && $which($pause)
                ? new KeptPause($pause->rod, $pause->from, $at) : $pause,
            $day->pauses,
        ));
    }

    public static function end(AnglersDay $day, float $at): AnglersDay
    {
        $day = self::goOn($day, $at);

        return new AnglersDay(
            rodInHand: $day->rodInHand,
            setups: array_map(
                static fn (KeptSetup $one): KeptSetup => $one->outing === $day->outing ? $one->over($one->untilAt, $at) : $one,
                $day->setups,
            ),
            events: $day->events,
            pauses: $day->pauses,
            outing: null,
            uuid: '',
            place: '',
            spot: null,
            inHand: null,
        );
    }

    /** What is on a rod, as choices take it. */
    public static function on(?KeptSetup $setup): ?OnTheRod
    {
        return $setup === null ? null : new OnTheRod(
            $setup->lure, $setup->hole, Cadence::tryFrom($setup->cadence),
        );
    }
}
