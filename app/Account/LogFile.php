<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\Event;
use App\Models\Move;
use App\Models\Outing;
use App\Models\User;
use App\Places\Tracks;
use App\Rows\Placing;
use Closure;
use Eskith\Core\Formats\Csv;
use Eskith\Core\Formats\Gpx;
use Eskith\Core\Formats\PlacesFile;
use Eskith\Core\Formats\Track;
use Eskith\Core\Formats\Waypoint;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Words\Words;
use Eskith\Telling\Enums\EventKind;
use Eskith\Telling\Kept\Coerce;
use Generator;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/**
 * Outings as files: JSON with all they lean on (public/schema/log.schema.json), which is read back in with nothing
 * doubled; a table of events for spreadsheets, which is read back into outings that are there; the places as GPX.
 */
final class LogFile
{
    public const FORMAT = 'eskith-log';

    public const VERSION = 1;

    /** Largest file taken, bytes. */
    public const BYTES = 100_000_000;

    /** Largest table taken, bytes. */
    private const TABLE = 12_000_000;

    /** Columns of the table that the angler reads, and of those that know a row again. */
    private const COLUMNS = [
        'outing', 'event', 'setup', 'place', 'time', 'rod', 'lure', 'finish', 'hole', 'cadence', 'kind', 'came', 'depth_m', 'species',
        'length_cm', 'girth_cm', 'scale_kg', 'landed', 'kept', 'hook', 'held', 'bent', 'flew', 'lost_at', 'lure_lost', 'tag',
        'tag_contact', 'note',
    ];

    /**
     * @param  Collection<int, Outing>  $outings
     * @return Generator<int, string> pieces
     */
    public static function json(User $user, Collection $outings): Generator
    {
        return Archive::lists($user, ['format' => self::FORMAT, 'version' => self::VERSION], self::needed($outings));
    }

    /**
     * The rows that outings consist of and lean on.
     *
     * @param  Collection<int, Outing>  $outings
     * @return array<string, Closure(Builder): mixed> by table
     */
    private static function needed(Collection $outings): array
    {
        $ids = array_values(array_map(Coerce::whole(...), $outings->pluck('id')->all()));
        $in = static fn (Builder $rows) => $rows->whereIn('outing_id', $ids);
        $of = static fn (string $table, string $link): Closure => static fn (Builder $rows) => $rows->whereIn(
            'id', DB::table($table)->select($link)->whereIn($table === 'outings' ? 'id' : 'outing_id', $ids),
        );
        $through = static fn (string $table, string $link, Closure $of): Closure => static function (
            Builder $rows,
        ) use ($table, $link, $of): void {
            $inner = DB::table($table)->select($link);
            $of($inner);
            $rows->whereIn('id', $inner);
        };
        $rods = $of('setups', 'rod_id');
        $spots = static fn (Builder $rows) => $rows->where(static fn (Builder $any) => $any
            ->whereIn('id', DB::table('outings')->select('spot_id')->whereIn('id', $ids))
            ->orWhereIn('id', DB::table('setups')->select('spot_id')->whereIn('outing_id', $ids))
            ->orWhereIn('id', DB::table('moves')->select('spot_id')->whereIn('outing_id', $ids)));

        return [
            'outings' => static fn (Builder $rows) => $rows->whereIn('id', $ids), 'setups' => $in, 'events' => $in, 'pauses' => $in,
            'moves' => $in, 'tracks' => $in, 'plans' => $in, 'spots' => $spots, 'rods' => $rods, 'lures' => $of('setups', 'lure_id'),
            'waters' => $through('spots', 'water_id', $spots), 'lines' => $through('rods', 'line_id', $rods),
        ];
    }

    /** @param  Collection<int, Outing>  $outings */
    public static function csv(Collection $outings): string
    {
        $rows = static function () use ($outings): \Generator {
            foreach ($outings as $outing) {
                $events = $outing->events()->standing()->with(['setup.lure', 'setup.rod', 'setup.spot.water']);
                foreach ($events->orderBy('at')->orderBy('id')->get() as $event) {
                    yield self::row($outing, $event);
                }
            }
        };

        return Csv::write(self::COLUMNS, $rows());
    }

    /** @return list<string> */
    private static function row(Outing $outing, Event $event): array
    {
        $flag = static fn (?bool $value): string => $value === null ? '' : ($value ? 'yes' : 'no');
        $figure = static fn (?float $value): string => $value === null ? '' : (string) round($value, 4);
        $setup = $event->setup;

        return array_map(Csv::guarded(...), [
            $outing->uuid, $event->uuid, $setup->uuid, $setup->spot?->placed() ?? $outing->place,
            $event->at->toIso8601ZuluString('millisecond'),
            $setup->rod->name ?? '', $setup->lure->mass_text ?? 'other bait', $setup->lure->finish ?? '', $setup->hole ?? '',
            $setup->cadence->value ?? '', $event->kind->value ?? '', $event->came->value ?? '', $figure($event->depth_m),
            $event->species ?? '', $figure($event->length_m === null ? null : 100 * $event->length_m),
            $figure($event->girth_m === null ? null : 100 * $event->girth_m),
            $figure($event->scale_kg), $flag($event->landed), $flag($event->kept),
            $event->hook->value ?? '', $event->held->value ?? '', $flag($event->bent), $event->flew->value ?? '',
            $event->lost_at->value ?? '', $flag($event->lure_lost), $event->tag ?? '',
            $event->tag_contact ?? '', $event->note,
        ]);
    }

    /**
     * Where each outing was, a point for every spot, with what came of it there; those of which no position is known are left out. Of one
     * alone also where the boat went.
     *
     * @param  Collection<int, Outing>  $outings
     */
    public static function gpx(Collection $outings): string
    {
        [$points, $tracks] = [[], []];
        foreach ($outings as $outing) {
            $track = new Track($outing->place, 'boat', more: ['uuid' => $outing->uuid]);
            foreach ($outings->count() === 1 ? Tracks::degrees($outing) : [] as [$second, $latitude, $longitude]) {
                $track->add($latitude, $longitude, time: $second);
            }
            $tracks = $track->count() === 0 ? $tracks : [...$tracks, $track];
            $bites = $outing->events()->standing()->bites()->with('setup')->get()->groupBy('setup.spot_id');
            $stays = [[$outing->spot, $outing->started_at], ...$outing->moves->reverse()->map(
                static fn (Move $move): array => [$move->spot, $move->at],
            )->all()];
            $told = [];
            foreach ($stays as [$spot, $from]) {
                $at = $spot === null || isset($told[$spot->id]) ? null : Placing::degrees($spot);
                if ($spot === null || $at === null) {
                    continue;
                }
                $told[$spot->id] = true;
                $felt = $bites->get($spot->id, new Collection);
                $landed = $felt->where('kind', EventKind::Fish)->where('landed', true)->count();
                $points[] = new Waypoint(
                    latitude: $at[0], longitude: $at[1], name: $spot->placed(),
                    description: Words::of('{landed} landed of {felt} bites', landed: $landed, felt: $felt->count()), kind: 'outing',
                    time: $from->toIso8601ZuluString(), depthM: $spot->depth_m,
                );
            }
        }

        return Gpx::write(new PlacesFile($points, [], $tracks));
    }

    /**
     * Reads outings in, from either file; what is there stays as it is.
     *
     * @return string what was done, in a sentence
     *
     * @throws InvalidInput when it is no such file; then nothing has changed
     */
    public static function take(User $user, string $path): string
    {
        return OneFile::of($user, static fn (): string => self::takeAlone($user, $path));
    }

    /** @throws InvalidInput */
    private static function takeAlone(User $user, string $path): string
    {
        $stream = fopen($path, 'r') ?: throw InvalidInput::because('file', 'That file did not come through whole. Choose it again.');
        try {
            $head = ltrim((string) fread($stream, 400), "\u{FEFF} \t\r\n");
            rewind($stream);
            if (str_starts_with($head, '{')) {
                $mark = fread($stream, 3);
                fseek($stream, $mark === "\u{FEFF}" ? 3 : 0);

                return ArchiveReader::takeLog($user, GivenRows::ofLog($stream, self::FORMAT, self::VERSION));
            }
        } finally {
            fclose($stream);
        }
        if ((int) filesize($path) > self::TABLE) {
            throw InvalidInput::because('file', 'A table of entries has up to 12 MB. Split it, or choose the JSON.');
        }

        return LogTable::take($user, Csv::read(
            Csv::text((string) file_get_contents($path)), ['event'], 'That is no log: choose the JSON, or the table with its first line.',
        ));
    }
}
