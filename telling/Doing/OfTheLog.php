<?php

declare(strict_types=1);

namespace Eskith\Telling\Doing;

use Eskith\Telling\Enums\EventKind;
use Eskith\Telling\Kept\KeptAtHand;
use Eskith\Telling\Kept\KeptEvent;
use Eskith\Telling\Kept\KeptLure;
use Eskith\Telling\Kept\KeptSetup;
use Eskith\Telling\Kit;

/** What was logged: bites, snags, lures that stayed down. */
final class OfTheLog
{
    /** s from a touch to the fish that it can have been. */
    public const SAME_BITE_S = 60;

    public static function logged(Kit $kit, Action $done): Kit
    {
        $kind = EventKind::tryFrom((string) $done->text('kind'));
        $uuid = (string) $done->text('uuid');
        $setup = self::fishedWith($kit, $done);
        if ($kind === null || $setup === null || ! $kit->day->isOf($done->text('outing')) || $kit->day->event($uuid) !== null) {
            return $kit;
        }
        $event = new KeptEvent(
            uuid: $uuid,
            kind: $kind->value,
            setup: $setup->id,
            at: $done->moment('at') ?? $done->seconds(),
            landed: $kind === EventKind::Fish && $done->flag('landed') === true,
            lost: false,
            stands: true,
            became: null,
        );
        $day = DayGoesOn::log($kit->day, $event);

        return self::counted(self::oneBite(
            $kit->with(day: DayGoesOn::fishedAgain($day, $setup->rod, (float) $event->at)), $event, $setup,
        ), $event, 1);
    }

    /** With it goes the loss of a lure, and what was part of it was felt all the same. */
    public static function takenBack(Kit $kit, Action $done): Kit
    {
        $event = $kit->day->event((string) $done->text('event'));
        if ($event === null || ! $event->stands) {
            return $kit;
        }
        $kit = self::told($kit, $event->with(stands: false));
        foreach ($kit->day->events as $touch) {
            $kit = $touch->became === $event->uuid ? self::told($kit, $touch->with(stands: true)) : $kit;
        }

        return self::counted($event->lost ? self::lost($kit, $event, false) : $kit, $event, -1);
    }

    /** A lure that was lost with it stays found. */
    public static function putBack(Kit $kit, Action $done): Kit
    {
        $event = $kit->day->event((string) $done->text('event'));
        $setup = $event === null ? null : $kit->day->setup($event->setup);
        if ($event === null || $setup === null || $event->stands) {
            return $kit;
        }
        $event = $event->with(stands: true);

        return self::counted(self::oneBite(self::told($kit, $event), $event, $setup), $event, 1);
    }

    /** Of what is mended answers rest on when it was, and on whether the lure stayed down. */
    public static function amended(Kit $kit, Action $done): Kit
    {
        $event = $kit->day->event((string) $done->text('event'));
        if ($event === null) {
            return $kit;
        }
        $event = $event->with(at: $done->moment('at'), became: $event->became);
        $kit = self::told($kit, $event);
        $lost = $done->flag('lure_lost');

        return $lost === null || $lost === $event->lost || ! $event->stands ? $kit : self::lost($kit, $event, $lost);
    }

    /** The lure leaves the box and the rod, or comes back to both. */
    private static function lost(Kit $kit, KeptEvent $event, bool $is): Kit
    {
        $setup = $kit->day->setup($event->setup);
        $kit = self::told($kit, $event->with(lost: $is, stands: $kit->day->event($event->uuid)?->stands));
        if ($setup === null) {
            return $kit;
        }
        $at = max((float) $event->at, (float) $setup->tiedAt);

        return $kit->with(
            day: $is ? DayGoesOn::takeOff($kit->day, $setup, $at) : DayGoesOn::putBack($kit->day, $setup, $at),
            lures: array_map(
                static fn (KeptLure $lure): KeptLure => $lure->id() === $setup->lure ? $lure->losing($is ? 1 : -1) : $lure, $kit->lures,
            ),
        );
    }

    /** A fish hooked soon after a touch on its rod, with nothing between, is that bite. */
    private static function oneBite(Kit $kit, KeptEvent $fish, KeptSetup $setup): Kit
    {
        if ($fish->kind !== EventKind::Fish->value) {
            return $kit;
        }
        $last = null;
        foreach ($kit->day->events as $event) {
            $isBetween = $event->stands && $event->at <= $fish->at
                && in_array($event->kind, [EventKind::Touch->value, EventKind::Drop->value], true);
            if ($isBetween && $kit->day->setup($event->setup)?->rod === $setup->rod && ($last === null || $event->at >= $last->at)) {
                $last = $event;
            }
        }

        return $last?->kind === EventKind::Touch->value && $fish->at - $last->at <= self::SAME_BITE_S
            ? self::told($kit, $last->with(stands: false, became: $fish->uuid)) : $kit;
    }

    /** In what the rod has worn and the outing has landed. */
    private static function counted(Kit $kit, KeptEvent $event, int $more): Kit
    {
        $hand = KeptAtHand::of($kit->hand);
        $rod = OnTheRods::ofId($kit, $kit->day->setup($event->setup)?->rod);
        if ($rod !== null && $event->wearsLeader()) {
            $hand = $hand->wearing($rod, $more, $kit->day->rodInHand);
        }

        return $kit->with(hand: $event->landed ? $hand->going($hand->pace?->landing($more)) : $hand);
    }

    private static function told(Kit $kit, KeptEvent $event): Kit
    {
        return $kit->with(day: $kit->day->listing(events: array_map(
            static fn (KeptEvent $one): KeptEvent => $one->uuid === $event->uuid ? $event : $one, $kit->day->events,
        )));
    }

    /** What something happened with: by its uuid, else what is on a rod, else what is on the rod in hand. */
    private static function fishedWith(Kit $kit, Action $done): ?KeptSetup
    {
        foreach ($kit->day->setups as $setup) {
            if ($setup->uuid === $done->text('setup')) {
                return $setup;
            }
        }
        $on = $kit->day->onTheRods();
        $rod = $done->text('rod') === null ? null : OnTheRods::rod($kit, $done->text('rod'));

        return $on[(int) $rod?->id] ?? $on[(int) $kit->day->rodInHand] ?? null;
    }
}
