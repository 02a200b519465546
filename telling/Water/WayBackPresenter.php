<?php

declare(strict_types=1);

namespace Eskith\Telling\Water;

use Eskith\Core\Cadence\Plan\ReturnToMark;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Course;
use Eskith\Core\Water\Position;
use Eskith\Core\Water\WindFrom;
use Eskith\Core\Words\Words;
use Eskith\Telling\Asked;
use Eskith\Telling\Choosing\SingleDrop;
use Eskith\Telling\Data\Water\WayBackData;
use Eskith\Telling\Kit;
use Eskith\Telling\Readings\ReadingBook;

/** The way back onto a mark for a boat that a phone is in: how far, which turn, and from where to drift. */
final class WayBackPresenter
{
    /** m within which one is there: no phone knows better. */
    private const THERE_M = 5.0;

    /** Degrees within which it goes straight on, and from which on it goes back. */
    private const STRAIGHT_DEG = 15.0;

    private const ROUND_DEG = 150.0;

    /**
     * @param  Asked  $asked  `lat` and `lon` of the mark, degrees; as FixRows reads it; `pick`, what is let down there, where known
     *
     * @throws InvalidInput when one of them is none
     */
    public static function of(Kit $kit, ReadingBook $book, Asked $asked): WayBackData
    {
        $fixes = FixRows::of($asked);
        $boat = $fixes->way === [] ? null : $fixes->way[count($fixes->way) - 1][1];
        if ($boat === null || $fixes->frame === null || ! $fixes->frame->reaches($asked->number('lat'), $asked->number('lon'))) {
            return new WayBackData('Not known', null, 'No sure position yet. Hold the phone under the open sky.', false, '');
        }
        $say = new UnitFormat($book->settings->units);
        $mark = $fixes->frame->position($asked->number('lat'), $asked->number('lon'));
        [$away, $bearing] = [$boat->distanceTo($mark), $boat->bearingTo($mark)];
        $course = Course::of($fixes->way);
        $start = self::start($kit, $book, $asked, $boat, $mark, $say);
        if ($away <= self::THERE_M) {
            return new WayBackData('Here', null, "You're on it.", false, $start);
        }
        $turn = $course === null ? null : fmod($bearing - $course->towardDeg + 540.0, 360.0) - 180.0;

        return new WayBackData(
            Distance::say($away, $say), round($turn ?? $bearing),
            $turn === null ? ucfirst(WindFrom::near($bearing)->word()).', '.round($bearing).'°' : self::turn($turn),
            $turn !== null, $start,
        );
    }

    private static function turn(float $degrees): string
    {
        $size = abs($degrees);

        return match (true) {
            $size <= self::STRAIGHT_DEG => 'Straight on',
            $size >= self::ROUND_DEG => 'Turn round',
            default => Words::of($degrees < 0 ? 'Turn left {degrees}°' : 'Turn right {degrees}°', degrees: (int) (10 * round($size / 10))),
        };
    }

    /** From where to drift onto it. */
    private static function start(Kit $kit, ReadingBook $book, Asked $asked, Position $boat, Position $mark, UnitFormat $say): string
    {
        $from = WindFrom::tryFrom((string) $book->text('wind_from'));
        if ($from === null) {
            return 'Read where the wind is from, and it says where to start the drift.';
        }
        try {
            $back = ReturnToMark::of(
                $boat, $mark, fmod($from->degrees() + 180.0, 360.0), abs($book->driftMs() ?? 0.0), abs($book->currentMs() ?? 0.0),
                self::fallSeconds($kit, $book, $asked),
            );
        } catch (InvalidInput) {
            return '';
        }

        return $back->upDriftM > 0.0
            ? Words::of('Start the drift {distance} {from} of the '
                .'mark.', distance: Distance::say($back->upDriftM, $say), from: $from->word())
            : 'You lie still: drop straight above it.';
    }

    private static function fallSeconds(Kit $kit, ReadingBook $book, Asked $asked): float
    {
        $pick = $asked->textOrNull('pick');
        if ($pick === null || $pick === '') {
            return 0.0;
        }
        $drop = SingleDrop::at($kit, $book, $pick);

        return DropPresenter::of($drop->candidate(), $drop->situation)->seconds ?? 0.0;
    }
}
