<?php

declare(strict_types=1);

namespace Eskith\Telling\Doing;

use DateTimeInterface;
use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Enums\Source;
use Eskith\Telling\Kept\CurrentSpot;
use Eskith\Telling\Kept\KeptAtHand;
use Eskith\Telling\Kept\KeptReading;
use Eskith\Telling\Kept\KeptSpot;
use Eskith\Telling\Kept\Pace;
use Eskith\Telling\Kit;
use Eskith\Telling\Readings\Holding;
use Eskith\Telling\Readings\ReadingBook;
use Eskith\Telling\Readings\Typed;
use Eskith\Telling\Settings\OwnCadences;
use Eskith\Telling\Settings\Settings;
use Eskith\Telling\Water\Measuring;

/** What was done of the day itself: read, begun, moved on, ended. */
final class TheDay
{
    /** A reading was typed, or taken away; what was read of it since stands. */
    public static function read(Kit $kit, Action $done): Kit
    {
        return self::reading($kit, (string) $done->text('name'), $done->text('text'), $done->at);
    }

    /** Something was measured: it takes the place of an estimate, and a drift becomes today's. */
    public static function measured(Kit $kit, Action $done): Kit
    {
        $uuid = (string) $done->text('uuid');
        if (in_array($uuid, array_column($kit->measured, 'uuid'), true)) {
            return $kit;
        }
        try {
            $made = Measuring::of($kit, $kit->book($done->at, $done->group('readings')), $done->asked(), $uuid, $done->at);
        } catch (InvalidInput) {
            return $kit;
        }
        $kit = $made->drift === null ? $kit : self::reading($kit, 'drift', $made->drift, $done->at);

        return $made->row === null ? $kit : $kit->with(measured: [$made->row, ...$kit->measured]);
    }

    /** A lift became the angler's own. */
    public static function worked(Kit $kit, Action $done): Kit
    {
        $cadence = Cadence::tryFrom((string) $done->text('cadence'));
        if ($cadence === null) {
            return $kit;
        }
        try {
            $own = OwnCadences::of($kit->set)->with(
                $cadence,
                lift: (string) $done->text('lift'),
                seconds: (string) $done->text('seconds'),
                pause: (string) $done->text('pause'),
                units: Settings::from($kit->set)->units,
                at: $done->at,
            );
        } catch (InvalidInput) {
            return $kit;
        }

        return $kit->with(set: [...$kit->set, OwnCadences::KEY => $own]);
    }

    private static function reading(Kit $kit, string $name, ?string $text, DateTimeInterface $at): Kit
    {
        foreach ($kit->readings as $reading) {
            if ($reading->name === $name && $reading->readAt > $at) {
                return $kit;
            }
        }
        try {
            $typed = Typed::of([$name => $text], Settings::from($kit->set)->units, $at);
        } catch (InvalidInput) {
            return $kit;
        }

        return $kit->with(readings: $typed->over($kit->readings));
    }

    /** An outing began where one is; it goes into one that is under way. */
    public static function begun(Kit $kit, Action $done): Kit
    {
        $uuid = $done->text('uuid');
        if ($uuid === null || $kit->day->isOf($uuid)) {
            return $kit;
        }
        $day = $kit->day;
        $underWay = $day->outing;
        if ($underWay !== null) {
            return $kit->with(day: $day->in($underWay, $uuid, $day->place, $day->spot, $day->inHand));
        }
        $spot = self::spotOf($kit);
        $known = $spot === null ? null : self::find($kit, $spot);

        return $kit->with(
            day: DayGoesOn::begin($day, $uuid, $kit->here->place ?? 'Today', $known?->id),
            depths: $known->depths ?? [],
            hand: KeptAtHand::of($kit->hand)->going(new Pace($done->seconds(), 0, null)),
        );
    }

    /** The outing went on at another spot, with what is on the rods. */
    public static function moved(Kit $kit, Action $done): Kit
    {
        $to = self::destination($kit, $done);
        if ($to === null || ! $kit->day->isOf($done->text('outing'))) {
            return $kit;
        }
        if ($to->id === $kit->day->spot) {
            // There already: what is known of it is read anew.
            return self::at($kit, $to, $done);
        }
        $uuids = array_column($kit->hand->rods(), 'uuid', 'id');
        $day = $kit->day;
        $setups = [];
        foreach ($kit->day->onTheRods() as $last) {
            $uuid = $done->textIn('setups', (string) ($uuids[(int) $last->rod] ?? '')) ?? '';
            $setups[] = $last->goingOn(DayGoesOn::nextId($kit->day) - count($setups), $uuid, $to->id, $done->seconds());
        }

        return self::at($kit, $to, $done)->with(
            day: DayGoesOn::tie($day->in((int) $day->outing, $day->uuid, $to->place, $to->id, $day->inHand), ...$setups),
            here: new CurrentSpot($to->place, $to->water, $to->protected, $to->localRules),
            depths: $to->depths,
            hand: KeptAtHand::of($kit->hand)->knowing($to),
        );
    }

    /** The outing is over. */
    public static function ended(Kit $kit, Action $done): Kit
    {
        return $kit->day->isOf($done->text('outing'))
            ? $kit->with(day: DayGoesOn::end($kit->day, $done->seconds()), depths: [], hand: KeptAtHand::of($kit->hand)->going(null))
            : $kit;
    }

    /** What is known of a spot is read there, but for what was read since one came; what was read elsewhere holds no more. */
    private static function at(Kit $kit, KeptSpot $to, Action $done): Kit
    {
        $from = self::spotOf($kit);
        $left = $from === null ? null : self::find($kit, $from);
        $readings = $kit->readings;
        if ($left !== null && $left->id !== $to->id) {
            $gone = array_column(Holding::gone($readings, $left->waterId !== $to->waterId, $done->at), 'name');
            $readings = array_values(array_filter($readings, static fn (KeptReading $one): bool => ! in_array($one->name, $gone, true)));
        }
        $since = array_column(array_filter($readings, static fn (KeptReading $one): bool => $one->readAt > $done->at), 'name');
        $known = Typed::of(
            array_diff_key($to->known, array_flip($since)), Settings::from($kit->set)->units, $done->at, Source::Spot,
        )->over($readings);

        return $kit->with(readings: [
            ...array_values(array_filter($known, static fn (KeptReading $one): bool => $one->name !== ReadingBook::SPOT)),
            new KeptReading(
                name: ReadingBook::SPOT, text: (string) $to->id, si: null, source: Source::Spot->value, readAt: $done->at, pinned: false,
            ),
        ]);
    }

    /** Where one moves to: a spot that is known, or a new one by its name; null where that is not said. */
    private static function destination(Kit $kit, Action $done): ?KeptSpot
    {
        $id = $done->whole('spot');
        $name = trim((string) $done->text('name'));
        if ($id !== null || $name === '') {
            return $id === null ? null : self::find($kit, $id);
        }
        $water = trim((string) $done->text('water'));
        $water = $water === '' ? (string) $kit->here?->water : $water;
        $there = array_values(array_filter($kit->hand->spots(), static fn (KeptSpot $spot): bool => $spot->water === $water));
        foreach ($there as $spot) {
            if ($spot->place === "{$name} · {$water}") {
                return $spot;
            }
        }

        return $water === '' ? null : KeptSpot::new($name, $water, $there[0] ?? null, -1 - count($kit->hand->spots()));
    }

    private static function find(Kit $kit, int $id): ?KeptSpot
    {
        foreach ($kit->hand->spots() as $spot) {
            if ($spot->id === $id) {
                return $spot;
            }
        }

        return null;
    }

    /** Id of the spot where one is. */
    private static function spotOf(Kit $kit): ?int
    {
        foreach ($kit->readings as $reading) {
            if ($reading->name === ReadingBook::SPOT) {
                return (int) $reading->text;
            }
        }

        return null;
    }
}
