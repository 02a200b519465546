<?php

declare(strict_types=1);

namespace App\Presenters\Places;

use App\Data\Places\BackOnData;
use App\Data\Places\BoatData;
use App\Data\Places\RecordingData;
use App\Kits\Kits;
use App\Models\Mark;
use App\Models\Survey;
use App\Models\User;
use App\Models\Water;
use App\Places\Fix;
use App\Places\PhoneFix;
use App\Places\Recording;
use App\Readings\TodaysReadings;
use App\Rows\Placing;
use Eskith\Core\Cadence\Plan\ReturnToMark;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Position;
use Eskith\Core\Water\WindFrom;
use Eskith\Core\Words\Words;
use Eskith\Telling\Water\DropPresenter;
use Illuminate\Support\Carbon;

/** Where the boat is, what it records, and how to get back onto a mark. */
final readonly class BoatPresenter
{
    /** @param  PhoneFix|null  $phone  what a phone says of where it is: it goes before instruments */
    public static function now(User $user, Water $water, ?Mark $mark, ?PhoneFix $phone = null): BoatData
    {
        $at = $phone?->on($water) ?? Fix::on($user, $water, Carbon::now())?->at;
        $isByPhone = $phone?->on($water) !== null;
        $recording = Recording::of($user)->running();

        return new BoatData(
            x: $at?->east,
            y: $at?->north,
            withinM: $isByPhone ? $phone->accuracyM : null,
            phone: $phone === null ? '' : self::said($user, $water, $phone),
            recording: $recording === null ? null : self::recording($recording, $user),
            // Of what a phone is not sure of no way back is told.
            back: $mark === null ? null : self::backOn($user, $mark, $isByPhone && ! $phone->isSure() ? null : $at),
        );
    }

    private static function said(User $user, Water $water, PhoneFix $phone): string
    {
        $within = (new UnitFormat($user->settings()->units))->depth($phone->accuracyM);

        return match (true) {
            Placing::frame($water) === null => 'This water was sketched without a position. Say where it lies under Change this water.',
            $phone->on($water) === null => 'This phone is over 100 km from this water.',
            ! $phone->isSure() => Words::of('This phone is only sure to {within}. Wait before you mark.', within: $within),
            default => Words::of('This phone, within {within}.', within: $within),
        };
    }

    public static function recording(Survey $survey, User $user): RecordingData
    {
        $feed = $user->feed()->first();
        $frame = Placing::frame($survey->water);
        $words = match (true) {
            $feed === null || ! $feed->isLive() => 'The instruments are silent: nothing comes in.',
            $feed->latitude === null || $feed->longitude === null => 'Depths come in, but no position.',
            $frame === null => 'This water was sketched without a position. Say where it lies under Change this water.',
            ! $frame->reaches($feed->latitude, $feed->longitude) => 'The boat is over 100 km from this water.',
            default => Words::of('{brought} depths heard', brought: number_format($survey->brought)),
        };

        return new RecordingData(
            uuid: $survey->uuid, waterId: $survey->water_id, water: $survey->water->name, since: $survey->from_at->toIso8601String(),
            count: $survey->brought, words: $words,
        );
    }

    public static function backOn(User $user, Mark $mark, ?Position $boat): BackOnData
    {
        $book = TodaysReadings::of($user);
        $say = new UnitFormat($book->settings->units);
        $where = Whereabouts::on($mark->water->loadMissing('spots'), $say);
        $from = WindFrom::tryFrom((string) $book->text('wind_from'));
        $drift = abs($book->driftMs() ?? 0.0);
        try {
            $back = ReturnToMark::of(
                $boat, new Position($mark->east_m, $mark->north_m), $from === null ? null : fmod($from->degrees() + 180, 360), $drift,
                abs($book->currentMs() ?? 0.0), self::fallSeconds($user),
            );
        } catch (InvalidInput) {
            $back = ReturnToMark::of($boat, new Position($mark->east_m, $mark->north_m), null);
        }
        $words = $back->awayM === null || $back->bearingDeg === null
            ? Words::of(
                'Nothing says where you are; {where}',
                where: $where->of(new Position($mark->east_m, $mark->north_m)) ?: 'the mark is on the chart',
            )
            : Words::of('{away}, bearing {bearing}', away: $where->far($back->awayM), bearing: self::bearing($back->bearingDeg));
        $start = match (true) {
            $back->upDriftM > 0.0 && ($back->startBearingDeg === null || $back->startAwayM === null) => Words::of(
                'start {distance} up the drift', distance: $where->far($back->upDriftM),
            ),
            $back->upDriftM > 0.0 => Words::of(
                'start {distance} up the drift: {away}, bearing {bearing}',
                distance: $where->far($back->upDriftM), away: $where->far((float) $back->startAwayM),
                bearing: self::bearing((float) $back->startBearingDeg),
            ),
            $from === null => 'read where the wind is from, and it says where to start',
            default => 'you lie still: go straight above it',
        };

        return new BackOnData(
            uuid: $mark->uuid, title: Words::of(
                'Back on the {kind}', kind: $mark->kind?->word() ?? 'mark',
            ), words: ucfirst("{$words}; {$start}."),
            startX: $back->start->east, startY: $back->start->north,
        );
    }

    private static function bearing(float $degrees): string
    {
        return round($degrees).'°, '.WindFrom::near($degrees)->word();
    }

    /** Until the first pick is down; 0 with an empty box. */
    private static function fallSeconds(User $user): float
    {
        try {
            $rankedBox = Kits::ranked($user);
            $first = ($rankedBox->ranked[0] ?? null)?->candidate;

            return $first === null ? 0.0 : DropPresenter::of($first, $rankedBox->situation)->seconds ?? 0.0;
        } catch (InvalidInput) {
            return 0.0;
        }
    }
}
