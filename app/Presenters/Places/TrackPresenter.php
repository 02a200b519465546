<?php

declare(strict_types=1);

namespace App\Presenters\Places;

use App\Data\Places\EdgeData;
use App\Data\Places\OutingChartData;
use App\Data\Places\PlacedMarkData;
use App\Data\Places\PlacedSpotData;
use App\Data\Places\TodaysTrackData;
use App\Data\Places\TrackData;
use App\Data\Places\TrackSignData;
use App\Models\Edge;
use App\Models\Event;
use App\Models\Mark;
use App\Models\Outing;
use App\Models\Spot;
use App\Models\User;
use App\Models\Water;
use App\Places\Tracks;
use App\Places\WaterChart;
use App\Presenters\Fish\EventWords;
use App\Record\Logbook;
use App\Rows\Placing;
use App\Rows\TideAndLight;
use Eskith\Core\Choosing\FishingMode;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Units\Unit;
use Eskith\Core\Water\BoatTrack;
use Eskith\Core\Water\Covered;
use Eskith\Core\Water\FishedGround;
use Eskith\Core\Water\Position;
use Eskith\Core\Words\Words;
use Eskith\Telling\Enums\EventKind;
use Eskith\Telling\Water\Distance;

/** Where the boat went in an outing: as it is drawn, what lies along it, and how much of each line was fished. */
final readonly class TrackPresenter
{
    /** m round the boat that are fished, by how one fishes: what hangs straight down, and what is thrown. */
    private const REACH_M = [FishingMode::Vertical->value => 10.0, FishingMode::Cast->value => 25.0];

    /** m of a line that were fished at least for it to be told. */
    private const TOLD_M = 10.0;

    private UnitFormat $say;

    private function __construct(private User $user)
    {
        $this->say = new UnitFormat($user->settings()->units);
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /** The chart of an outing; null where no phone told where the boat went, or its water has no position. */
    public function chart(Outing $outing): ?OutingChartData
    {
        $water = self::water($outing);
        $track = $water === null ? null : self::track($outing, $water);
        if ($water === null || $track === null) {
            return null;
        }
        $water->loadMissing(['spots', 'edges']);
        $water->spots->each(static fn (Spot $spot): Spot => $spot->setRelation('water', $water));
        $events = $this->events($outing);
        $placed = $this->placed($events, $track);
        $charted = WaterChart::of($water);
        $marks = Mark::query()->where('outing_id', $outing->id)->where('water_id', $water->id)->orderBy('id')->get();

        return new OutingChartData(
            words: $this->words($track, $events, $placed), covered: $this->covered($outing, $water, $track, $placed), name: $water->name,
            track: $this->drawn($track, $placed),
            ground: $charted === null ? null : (new GroundPresenter($this->say))->of(
                $charted, TideAndLight::overWater($water)->levelM($outing->started_at),
            ),
            spots: array_values($water->spots->map(
                fn (Spot $one): PlacedSpotData => PlacedThings::spot($one, $this->say, null),
            )->all()),
            marks: array_values($marks->map(fn (Mark $mark): PlacedMarkData => PlacedThings::mark($mark, $this->say))->all()),
            edges: array_values($water->edges->map(static fn (Edge $edge): EdgeData => PlacedThings::edge($edge, null, null))->all()),
            unit: $this->say->units->depth->symbol(), unitM: $this->say->units->depth === Unit::Metre ? 1.0 : Unit::Foot->factor(),
        );
    }

    /** Of the outing under way, on the chart of a water. */
    public function today(Water $water): TodaysTrackData
    {
        $outing = Logbook::of($this->user)->underWay();
        $track = $outing === null ? null : self::track($outing, $water);
        if ($outing === null || $track === null) {
            return new TodaysTrackData(null, []);
        }
        $placed = $this->placed($this->events($outing), $track);

        return new TodaysTrackData($this->drawn($track, $placed), $this->covered($outing, $water, $track, $placed));
    }

    private static function track(Outing $outing, Water $water): ?BoatTrack
    {
        $frame = Placing::frame($water);

        return $frame === null ? null : Tracks::on($outing, $frame);
    }

    /** The first it was at that has a position. */
    private static function water(Outing $outing): ?Water
    {
        $outing->loadMissing(['spot.water', 'moves.spot.water']);
        foreach ([$outing->spot, ...$outing->moves->reverse()->map(static fn ($move): ?Spot => $move->spot)->all()] as $spot) {
            if ($spot !== null && Placing::frame($spot->water) !== null) {
                return $spot->water;
            }
        }

        return null;
    }

    /** @return list<Event> drops and bites, the first first */
    private function events(Outing $outing): array
    {
        return array_values($outing->events()->standing()->whereIn('kind', [EventKind::Drop->value, ...EventKind::bites()])
            ->orderBy('at')->orderBy('id')->get()->all());
    }

    /**
     * Those of which it is known where the boat was.
     *
     * @param  list<Event>  $events
     * @return list<array{Event, EventKind, Position}>
     */
    private function placed(array $events, BoatTrack $track): array
    {
        $placed = [];
        foreach ($events as $event) {
            $at = $track->at(Tracks::second($event->at));
            if ($at !== null && $event->kind !== null) {
                $placed[] = [$event, $event->kind, $at];
            }
        }

        return $placed;
    }

    /** @param  list<array{Event, EventKind, Position}>  $placed */
    private function drawn(BoatTrack $track, array $placed): TrackData
    {
        return new TrackData(
            array_map(self::flat(...), $track->drifts()), array_map(self::flat(...), $track->runs()),
            array_map(fn (array $one): TrackSignData => new TrackSignData(
                kind: $one[1], words: EventWords::of($one[0], $one[1], $this->say->units), at: $one[0]->at->toIso8601String(),
                x: round($one[2]->east, 1), y: round($one[2]->north, 1),
            ), $placed),
        );
    }

    /**
     * @param  list<Position>  $line
     * @return list<float>
     */
    private static function flat(array $line): array
    {
        $flat = [];
        foreach ($line as $at) {
            array_push($flat, round($at->east, 1), round($at->north, 1));
        }

        return $flat;
    }

    /**
     * @param  list<Event>  $events
     * @param  list<array{Event, EventKind, Position}>  $placed
     */
    private function words(BoatTrack $track, array $events, array $placed): string
    {
        $bites = count(array_filter($events, static fn (Event $event): bool => $event->kind?->isBite() === true));
        $known = count(array_filter($placed, static fn (array $one): bool => $one[1]->isBite()));
        $way = Words::of('The boat went {lengthM}', lengthM: $this->far($track->lengthM()));

        return match (true) {
            $bites === 0 => Words::of('{way}; no bites.', way: $way),
            $known === $bites => $bites === 1 ? Words::of(
                '{way}; the bite is on the chart.', way: $way,
            ) : Words::of(
                '{way}; all {bites} bites are on the chart.', way: $way, bites: $bites,
            ),
            default => Words::of(
                '{way}; {known} of {bites|# bite is|# bites are} on the chart.', way: $way, known: $known, bites: $bites,
            ),
        };
    }

    /**
     * @param  list<array{Event, EventKind, Position}>  $placed
     * @return list<string>
     */
    private function covered(Outing $outing, Water $water, BoatTrack $track, array $placed): array
    {
        $words = new CoveredWords($this->say);
        $bites = array_values(array_map(
            static fn (array $one): Position => $one[2], array_filter($placed, static fn (array $one): bool => $one[1]->isBite()),
        ));
        $ground = self::ground($outing, $track);
        $told = [];
        foreach ($water->edges as $edge) {
            $line = Placing::line($edge->points);
            $covered = Covered::of($line, $ground, $bites);
            if ($covered->coveredM >= self::TOLD_M) {
                $told[] = Words::of(
                    '{called}: {covered} of {length} fished, {bites}.',
                    called: self::called($edge),
                    covered: $words->far($covered->coveredM),
                    length: $words->far($covered->lengthM),
                    bites: $words->bites($covered),
                );
            }
        }

        return $told;
    }

    /** What of the bottom was within reach of the boat while it was fished from, by how one fished. */
    public static function ground(Outing $outing, BoatTrack $track): FishedGround
    {
        $reach = self::REACH_M[$outing->readings[Reading::How->value] ?? ''] ?? self::REACH_M[FishingMode::Vertical->value];

        return new FishedGround($track->fished(), $reach);
    }

    /** By its name, or what it is. */
    public static function called(Edge $edge): string
    {
        return $edge->name ?: ucfirst($edge->kind?->word() ?? 'line');
    }

    private function far(float $metres): string
    {
        return Distance::say($metres, $this->say);
    }
}
