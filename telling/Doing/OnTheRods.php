<?php

declare(strict_types=1);

namespace Eskith\Telling\Doing;

use Eskith\Telling\Kept\KeptAtHand;
use Eskith\Telling\Kept\KeptLine;
use Eskith\Telling\Kept\KeptOnBoard;
use Eskith\Telling\Kept\KeptSetup;
use Eskith\Telling\Kept\LineInUse;
use Eskith\Telling\Kit;

/** What was done with the rods: tied on, taken in hand, rested, tied anew. */
final class OnTheRods
{
    /** Something was tied on, on a rod that is in hand from then on. */
    public static function tiedOn(Kit $kit, Action $done): Kit
    {
        $uuid = $done->text('uuid');
        $known = $uuid !== null && in_array($uuid, array_column($kit->day->setups, 'uuid'), true);
        if ($uuid === null || $known || $kit->day->outing === null || ! $kit->day->isOf($done->text('outing'))) {
            return $kit;
        }
        $rod = self::rod($kit, $done->text('rod'));
        [$lure, $before] = [$done->whole('lure'), $kit->day->rodInHand];
        $setup = new KeptSetup(
            id: DayGoesOn::nextId($kit->day),
            uuid: $uuid,
            outing: $kit->day->outing,
            rod: $rod->id ?? $kit->day->rodInHand,
            lure: $lure,
            hole: $lure === null ? null : $done->text('hole'),
            cadence: $lure === null ? '' : (string) $done->text('cadence'),
            spot: $kit->day->spot,
            finish: self::finish($kit, $lure),
            tiedAt: $done->seconds(),
            untilAt: null,
            endedAt: null,
        );
        $kit = $kit->with(day: DayGoesOn::tie($kit->day, $setup)->holding($setup->rod, DayGoesOn::on($setup)));

        $kit = $rod === null || $rod->id === $before ? $kit : self::inHand($kit, $rod);

        return $kit->with(hand: KeptAtHand::of($kit->hand)->going($kit->hand->pace()?->anew()));
    }

    /** Another rod is in hand, with what is on it. */
    public static function takenInHand(Kit $kit, Action $done): Kit
    {
        $rod = self::rod($kit, $done->text('rod'));
        if ($rod === null) {
            return $kit;
        }
        $on = DayGoesOn::on($kit->day->onTheRods()[$rod->id] ?? null);

        return self::inHand($kit->with(day: $kit->day->holding($rod->id, $on)), $rod);
    }

    /** All rest from now on, or one rod does. */
    public static function paused(Kit $kit, Action $done): Kit
    {
        $rod = $done->text('rod') === null ? null : self::rod($kit, $done->text('rod'));

        return $kit->with(day: DayGoesOn::rest($kit->day, $rod?->id, $done->seconds()));
    }

    public static function wentOn(Kit $kit, Action $done): Kit
    {
        return $kit->with(day: DayGoesOn::goOn($kit->day, $done->seconds()));
    }

    /** Its leader was tied anew. */
    public static function retied(Kit $kit, Action $done): Kit
    {
        $rod = self::rod($kit, $done->text('rod'));

        return $rod === null ? $kit : $kit->with(hand: KeptAtHand::of($kit->hand)->wearing($rod, -$rod->worn, $kit->day->rodInHand));
    }

    /** By its uuid, or the one in hand. */
    public static function rod(Kit $kit, ?string $uuid): ?KeptOnBoard
    {
        foreach ($kit->hand->rods() as $rod) {
            if ($uuid === null ? $rod->id === $kit->day->rodInHand : $rod->uuid === $uuid) {
                return $rod;
            }
        }

        return null;
    }

    public static function ofId(Kit $kit, ?int $id): ?KeptOnBoard
    {
        foreach ($kit->hand->rods() as $rod) {
            if ($rod->id === $id) {
                return $rod;
            }
        }

        return null;
    }

    /** With this rod in hand, and the line that is on it. */
    private static function inHand(Kit $kit, KeptOnBoard $rod): Kit
    {
        $hand = KeptAtHand::of($kit->hand)->holding($rod);
        $on = array_values(array_filter($hand->lines, static fn (KeptLine $line): bool => $line->inUse))[0] ?? null;

        return $kit->with(hand: $hand, line: LineInUse::read($on?->id, $on?->name, $on?->diameterM));
    }

    private static function finish(Kit $kit, ?int $lure): ?string
    {
        foreach ($kit->lures as $one) {
            if ($one->id() === $lure) {
                return $one->text('finish');
            }
        }

        return null;
    }
}
