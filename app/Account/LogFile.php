<?php

declare(strict_types=1);

namespace App\Account;

use App\Enums\EventKind;
use App\Models\Event;
use App\Models\Outing;
use App\Models\User;
use App\Rows\Placing;
use App\Rows\Raw;
use Eskith\Core\Formats\Csv;
use Eskith\Core\Formats\Gpx;
use Eskith\Core\Formats\Waypoint;
use Eskith\Core\Units\InvalidInput;
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
    public const BYTES = 24_000_000;

    /** Columns of the table that the angler reads, and of those that know a row again. */
    private const COLUMNS = [
        'outing', 'event', 'setup', 'place', 'time', 'rod', 'lure', 'finish', 'hole', 'cadence', 'kind', 'came', 'depth_m', 'species',
        'length_cm', 'girth_cm', 'landed', 'kept', 'hook', 'bent', 'lost_at', 'lure_lost', 'tag', 'tag_contact', 'note',
    ];

    /** @param  Collection<int, Outing>  $outings */
    public static function json(User $user, Collection $outings): string
    {
        $only = self::needed($user, $outings);
        $numbers = [];
        $lists = [];
        foreach (Tables::all() as $table) {
            $ids = $only[$table->name] ?? [];
            $numbers[$table->name] = [];
            if ($ids !== []) {
                $lists[$table->name] = Archive::rows($user, $table, $numbers, $ids);
            }
        }

        return json_encode(['format' => self::FORMAT, 'version' => self::VERSION, ...$lists], Archive::JSON)."\n";
    }

    /**
     * The rows that outings consist of and lean on.
     *
     * @param  Collection<int, Outing>  $outings
     * @return array<string, list<int>> ids by table
     */
    private static function needed(User $user, Collection $outings): array
    {
        $outingIds = self::ids($outings->pluck('id'));
        $in = static fn (string $table): array => self::ids(
            DB::table($table)->where('user_id', $user->id)->whereIn('outing_id', $outingIds)->pluck('id'),
        );
        $of = static fn (string $from, array $ids, string $link): array => self::ids(
            DB::table($from)->whereIn('id', $ids)->whereNotNull($link)->distinct()->pluck($link),
        );
        $setups = $in('setups');
        [$spots, $rods] = [$of('outings', $outingIds, 'spot_id'), $of('setups', $setups, 'rod_id')];

        return [
            'outings' => $outingIds, 'setups' => $setups, 'events' => $in('events'), 'pauses' => $in('pauses'), 'plans' => $in('plans'),
            'spots' => $spots, 'rods' => $rods, 'lures' => $of('setups', $setups, 'lure_id'), 'waters' => $of('spots', $spots, 'water_id'),
            'lines' => $of('rods', $rods, 'line_id'),
        ];
    }

    /**
     * @param  Collection<int, mixed>  $found
     * @return list<int>
     */
    private static function ids(Collection $found): array
    {
        return array_values(array_map(Raw::whole(...), $found->all()));
    }

    /** @param  Collection<int, Outing>  $outings */
    public static function csv(Collection $outings): string
    {
        $rows = static function () use ($outings): \Generator {
            foreach ($outings as $outing) {
                foreach ($outing->events()->standing()->with(['setup.lure', 'setup.rod'])->orderBy('at')->orderBy('id')->get() as $event) {
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
            $outing->uuid, $event->uuid, $setup->uuid, $outing->place, $event->at->toIso8601ZuluString('millisecond'),
            $setup->rod->name ?? '', $setup->lure->mass_text ?? 'other bait', $setup->lure->finish ?? '', $setup->hole ?? '',
            $setup->cadence->value ?? '', $event->kind->value ?? '', $event->came->value ?? '', $figure($event->depth_m),
            $event->species ?? '', $figure($event->length_m === null ? null : 100 * $event->length_m),
            $figure($event->girth_m === null ? null : 100 * $event->girth_m), $flag($event->landed), $flag($event->kept),
            $event->hook->value ?? '', $flag($event->bent), $event->lost_at->value ?? '', $flag($event->lure_lost), $event->tag ?? '',
            $event->tag_contact ?? '', $event->note,
        ]);
    }

    /**
     * Where each outing was, with what came of it; those of which no position is known are left out.
     *
     * @param  Collection<int, Outing>  $outings
     */
    public static function gpx(Collection $outings): string
    {
        $points = [];
        foreach ($outings as $outing) {
            $at = $outing->spot === null ? null : Placing::degrees($outing->spot);
            if ($outing->spot === null || $at === null) {
                continue;
            }
            $bites = $outing->events()->standing()->bites()->get();
            $landed = $bites->where('kind', EventKind::Fish)->where('landed', true)->count();
            $points[] = new Waypoint(
                latitude: $at[0], longitude: $at[1], name: $outing->place,
                description: "{$landed} landed of {$bites->count()} touches", kind: 'outing',
                time: $outing->started_at->toIso8601ZuluString(), depthM: $outing->spot->depth_m,
            );
        }

        return Gpx::write($points);
    }

    /**
     * Reads outings in, from either file; what is there stays as it is.
     *
     * @return string what was done, in a sentence
     *
     * @throws InvalidInput when it is no such file; then nothing has changed
     */
    public static function take(User $user, string $bytes): string
    {
        $text = Csv::text($bytes);
        if (preg_match('/^\s*\{/', $text) !== 1) {
            return LogTable::take($user, Csv::read($text, ['event'], 'That is no log: choose the JSON, or the table with its first line.'));
        }
        $file = json_decode($text, true, 32);
        if (! is_array($file) || ($file['format'] ?? null) !== self::FORMAT || ($file['version'] ?? null) !== self::VERSION) {
            throw InvalidInput::because('file', 'That is no log of outings; choose a file that was exported here.');
        }
        $lists = [];
        foreach (Tables::all() as $table) {
            $list = $file[$table->name] ?? [];
            $lists[$table->name] = is_array($list) ? array_values($list) : throw InvalidInput::because(
                'file', "\"{$table->name}\" in that file is no list; export it anew.",
            );
        }

        return ArchiveReader::takeLists($user, $lists);
    }
}
