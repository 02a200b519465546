<?php

declare(strict_types=1);

namespace App\Places;

use App\Models\Edge;
use App\Models\Mark;
use App\Models\Spot;
use App\Models\User;
use App\Models\Water;
use App\Rows\Placing;
use Eskith\Core\Formats\Csv;
use Eskith\Core\Formats\CsvTrack;
use Eskith\Core\Formats\FileTime;
use Eskith\Core\Formats\GeoJson;
use Eskith\Core\Formats\GpxReader;
use Eskith\Core\Formats\PlacesFile;
use Eskith\Core\Formats\Track;
use Eskith\Core\Formats\Waypoint;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Bottom;
use Eskith\Core\Water\Frame;
use Eskith\Core\Words\Words;
use Eskith\Telling\Enums\EdgeKind;
use Eskith\Telling\Enums\MarkKind;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/** Takes a file of places into a water: spots, marks and lines as they are named, tracks with depths as soundings. */
final readonly class PlacesImport
{
    /** Says of a track that its depths are below the water's zero already. */
    public const REDUCED = 'zero';

    /** Share of the whole that reading takes; the rest is making soundings of it. */
    private const READING = 0.8;

    private const EDGE_POINTS = 1_000;

    private const NAMED = 2_000;

    private function __construct(private User $user, private Water $water, private string $text, private string $name)
    {
    }

    public static function of(User $user, Water $water, string $text, string $name): self
    {
        return new self($user, $water, $text, $name);
    }

    /**
     * @param  \Closure(float): bool  $goesOn  told which share is done; false calls it off, and nothing is kept
     * @return string what was done, in a sentence
     *
     * @throws InvalidInput when it cannot be read, or is called off
     */
    public function take(\Closure $goesOn): string
    {
        $done = static function (float $share) use ($goesOn): void {
            if (! $goesOn(self::READING * $share)) {
                throw InvalidInput::because('file', 'Canceled: nothing was read in.');
            }
        };
        [$places, $metres] = $this->read($done);
        $done(1.0);
        $surveys = Surveys::of($this->user);

        $said = DB::transaction(function () use ($places, $metres, $surveys): string {
            $told = [];
            foreach ($places->tracks as $n => $track) {
                if ($track->sounded() > 0) {
                    $told[] = $surveys->take(
                        water: $this->water, uuid: $this->own($track->more['uuid'] ?? '', Words::of(
                            'track {n}', n: $n,
                        )), track: $track, metres: $metres,
                        name: $track->name ?: $this->name, reduced: isset($track->more[self::REDUCED]),
                    );
                }
            }
            $frame = Placing::frame($this->water->refresh());
            $named = 0;
            if ($frame !== null) {
                foreach (array_slice($places->waypoints, 0, self::NAMED) as $n => $point) {
                    $named += (int) $this->waypoint($point, $frame, $n);
                }
                foreach (array_slice($places->routes, 0, self::NAMED) as $n => $line) {
                    $named += (int) $this->line($line, $frame, $n);
                }
            } elseif ($places->waypoints !== [] || $places->routes !== []) {
                throw InvalidInput::because(
                    'file', '{water} has no position yet. Set one under Change this water, then choose the file again.',
                    water: $this->water->name,
                );
            }
            if ($named > 0) {
                $told[] = Words::of('{named|# place or line|# places and lines} added.', named: $named);
            }

            return $told === [] ? 'Everything in it is here already.' : implode(' ', $told);
        });
        // Whoever waits for a file does not wait once more for its chart.
        WaterChart::of($this->water->refresh());

        return $said;
    }

    /**
     * @param  \Closure(float): void  $done
     * @return array{PlacesFile, bool} and whether its tracks count metres
     *
     * @throws InvalidInput
     */
    private function read(\Closure $done): array
    {
        $head = ltrim(substr($this->text, 0, 400), "\u{FEFF} \t\r\n");
        if (str_starts_with($head, '<')) {
            return [(new GpxReader($this->text, $done))->read(), false];
        }
        if (str_starts_with($head, '{')) {
            return [GeoJson::read(Csv::text($this->text)), false];
        }
        [$track, $metres] = CsvTrack::read($this->text, $done);

        return [new PlacesFile(tracks: [$track]), $metres];
    }

    private function waypoint(Waypoint $point, Frame $frame, int $n): bool
    {
        if (! $frame->reaches($point->latitude, $point->longitude)) {
            return false;
        }
        $at = $frame->position($point->latitude, $point->longitude);
        $name = trim(mb_substr($point->name, 0, 60));
        $bottom = Bottom::tryFrom($point->more['bottom'] ?? '');
        // A spot is fished by its depth: one without is a place.
        if ($point->kind === 'spot' && $name !== '' && $point->depthM !== null) {
            return Spot::query()->firstOrCreate(['water_id' => $this->water->id, 'name' => $name], [
                'user_id' => $this->user->id, 'depth_m' => max(0.3, min(150.0, $point->depthM)),
                'bottom' => $bottom ?? Bottom::RockToSand, 'wall' => ($point->more['wall'] ?? '') === 'yes',
                'east_m' => $at->east, 'north_m' => $at->north,
            ])->wasRecentlyCreated;
        }
        $kind = MarkKind::tryFrom($point->kind) ?? MarkKind::Place;
        $when = FileTime::seconds($point->time ?? '');
        $depth = $point->depthM !== null && $point->depthM >= 0 && $point->depthM <= 500 ? $point->depthM : null;

        return Mark::query()->firstOrCreate([
            'user_id' => $this->user->id, 'uuid' => $this->own($point->more['uuid'] ?? '', Words::of('point {n}', n: $n)),
        ], [
            'water_id' => $this->water->id, 'kind' => $kind, 'east_m' => $at->east, 'north_m' => $at->north, 'depth_m' => $depth,
            'bottom' => $bottom, 'side' => mb_substr($point->more['side'] ?? '', 0, 80),
            'direction' => mb_substr($point->more['direction'] ?? '', 0, 80),
            'note' => mb_substr(
                $point->description !== '' ? $point->description : (MarkKind::tryFrom($point->kind) === null ? $name : ''), 0, 300
            ),
            'at' => $when === null ? Carbon::now() : Carbon::createFromTimestampUTC($when),
        ])->wasRecentlyCreated;
    }

    private function line(Track $line, Frame $frame, int $n): bool
    {
        $points = [];
        foreach (array_slice($line->latitudes, 0, self::EDGE_POINTS) as $i => $latitude) {
            if ($frame->reaches($latitude, $line->longitudes[$i])) {
                $at = $frame->position($latitude, $line->longitudes[$i]);
                $points[] = [round($at->east, 2), round($at->north, 2)];
            }
        }
        $seen = FileTime::seconds($line->more['seen_on'] ?? '');

        return count($points) >= 2 && Edge::query()->firstOrCreate(
            ['user_id' => $this->user->id, 'uuid' => $this->own($line->more['uuid'] ?? '', Words::of('line {n}', n: $n))],
            [
                'water_id' => $this->water->id, 'kind' => EdgeKind::tryFrom($line->kind) ?? EdgeKind::Wall,
                'name' => mb_substr($line->name, 0, 80),
                'points' => $points, 'seen_on' => $seen === null ? Carbon::today() : Carbon::createFromTimestampUTC($seen),
            ],
        )->wasRecentlyCreated;
    }

    /** Of a thing that was exported here; made up for one that was not. */
    private function own(string $uuid, string $what): string
    {
        return Uuid::isValid($uuid) ? mb_strtolower($uuid) : $this->id($what);
    }

    /** The same for the same part of the same file, so that bringing it in twice adds nothing. */
    private function id(string $what): string
    {
        return Uuid::uuid5(Uuid::NAMESPACE_URL, "{$this->water->id} {$what} ".md5($this->text))->toString();
    }
}
