<?php

declare(strict_types=1);

namespace App\Places;

use App\Models\Water;
use App\Rows\GroundReader;
use App\Rows\Placing;
use Eskith\Core\Formats\PlacesFile;
use Eskith\Core\Formats\Track;
use Eskith\Core\Formats\Waypoint;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Frame;
use Eskith\Core\Water\Position;
use Eskith\Core\Words\Words;
use Eskith\Telling\Kept\Coerce;

/** A water as a file of places: spots and marks, walls, shores and weed as routes, each survey as a track of depths. */
final class PlacesExport
{
    /** @throws InvalidInput for a water that is only sketched */
    public static function of(Water $water): PlacesFile
    {
        $frame = Placing::frame($water) ?? throw InvalidInput::because(
            'latitude', '{water} has no position yet, and such files are in degrees. Set one under Change this water.',
            water: $water->name,
        );
        $points = [];
        foreach ($water->spots()->get() as $spot) {
            $at = Placing::spot($spot);
            if ($at !== null) {
                [$latitude, $longitude] = $frame->degrees($at);
                $points[] = new Waypoint(
                    latitude: $latitude, longitude: $longitude, name: $spot->name, kind: 'spot', depthM: $spot->depth_m,
                    more: array_filter(['bottom' => $spot->bottom->value ?? '', 'wall' => $spot->wall ? 'yes' : '']),
                );
            }
        }
        foreach ($water->marks()->orderBy('id')->get() as $mark) {
            [$latitude, $longitude] = $frame->degrees(new Position($mark->east_m, $mark->north_m));
            $points[] = new Waypoint(
                latitude: $latitude, longitude: $longitude, name: ucfirst($mark->kind?->word() ?? 'mark'), description: $mark->note,
                kind: $mark->kind->value ?? '', time: $mark->at->toIso8601ZuluString(), depthM: $mark->depth_m,
                more: array_filter([
                    'bottom' => $mark->bottom->value ?? '', 'side' => $mark->side, 'direction' => $mark->direction, 'uuid' => $mark->uuid,
                ]),
            );
        }

        return new PlacesFile($points, self::lines($water, $frame), self::tracks($water, $frame));
    }

    /** @return list<Track> */
    private static function lines(Water $water, Frame $frame): array
    {
        $lines = [];
        foreach ($water->edges()->orderBy('id')->get() as $edge) {
            $line = new Track(
                $edge->name, $edge->kind->value ?? '', more: ['uuid' => $edge->uuid, 'seen_on' => $edge->seen_on->toDateString()]
            );
            foreach (Placing::line($edge->points) as $at) {
                $line->add(...$frame->degrees($at));
            }
            $lines[] = $line;
        }

        return $lines;
    }

    /** @return list<Track> depths below the water's zero */
    private static function tracks(Water $water, Frame $frame): array
    {
        $tracks = [];
        foreach ($water->surveys()->whereNotNull('until_at')->orderBy('id')->get() as $survey) {
            $track = new Track(
                $survey->name, 'soundings', Words::of('Depths below the zero of {water}', water: $water->name), [
                    PlacesImport::REDUCED => 'yes', 'uuid' => $survey->uuid,
                ],
            );
            foreach (GroundReader::rows($water)->where('survey_id', $survey->id)->get(['east_m', 'north_m', 'depth_m']) as $row) {
                [$latitude, $longitude] = $frame->degrees(new Position(Coerce::number($row->east_m), Coerce::number($row->north_m)));
                $track->add($latitude, $longitude, Coerce::number($row->depth_m));
            }
            $tracks[] = $track;
        }

        return $tracks;
    }
}
