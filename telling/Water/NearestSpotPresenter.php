<?php

declare(strict_types=1);

namespace Eskith\Telling\Water;

use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Frame;
use Eskith\Core\Water\Position;
use Eskith\Telling\Data\Water\NearestSpotData;
use Eskith\Telling\Kept\KeptSpot;
use Eskith\Telling\Kit;
use Eskith\Telling\Readings\ReadingBook;

/** Which spot of one's own a phone is at, where the day is read at another or at none. */
final class NearestSpotPresenter
{
    /** m round a spot in which one may be fishing it. */
    private const AT_M = 120.0;

    /** m that it is nearer than where one was, at least: nothing is proposed back and forth between two. */
    private const NEARER_M = 30.0;

    /** @throws InvalidInput when the phone is nowhere */
    public static function of(Kit $kit, ReadingBook $book, float $latitude, float $longitude, float $accuracyM): NearestSpotData
    {
        $frame = Frame::of($latitude, $longitude);
        [$nearest, $away, $here] = [null, INF, null];
        foreach ($accuracyM > Position::SURE_M ? [] : $kit->hand->spots() as $spot) {
            $metres = self::away($spot, $frame);
            $here = $spot->id === $book->spotId ? $metres : $here;
            if ($metres !== null && $metres < $away) {
                [$nearest, $away] = [$spot, $metres];
            }
        }
        $isNews = $nearest !== null && $nearest->id !== $book->spotId && $away <= self::AT_M
            && ($here === null || $here - $away >= max(self::NEARER_M, $accuracyM));
        if (! $isNews) {
            return new NearestSpotData(null, '', '', '', '');
        }
        $say = new UnitFormat($book->settings->units);

        return new NearestSpotData(
            $nearest->id, $nearest->place, $nearest->known['depth'] ?? '',
            str_replace(" · {$nearest->water}", '', $nearest->place), $say->depth(max(1.0, round($away))),
        );
    }

    private static function away(KeptSpot $spot, Frame $frame): ?float
    {
        $isNear = $spot->latitude !== null && $spot->longitude !== null && $frame->reaches($spot->latitude, $spot->longitude);

        return $isNear ? $frame->position($spot->latitude, $spot->longitude)->distanceTo(new Position(0.0, 0.0)) : null;
    }
}
