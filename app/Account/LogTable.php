<?php

declare(strict_types=1);

namespace App\Account;

use App\Database\Caps;
use App\Database\Pieces;
use App\Models\Event;
use App\Models\Setup;
use App\Models\User;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Words\Words;
use Eskith\Telling\Kept\Coerce;
use Generator;

/** Reads a table of events into the outings that are there: an event that is known stays, one that is not is added to its setup. */
final class LogTable
{
    /** Most rows of one file. */
    private const ROWS = 50_000;

    /**
     * @param  array<int, array<string, string>>  $rows  by line
     * @return string what was done, in a sentence
     *
     * @throws InvalidInput when there are too many
     */
    public static function take(User $user, array $rows): string
    {
        if (count($rows) > self::ROWS) {
            throw InvalidInput::because('file', 'That table has over {rows} rows. Split it.', rows: number_format(self::ROWS));
        }

        [$added, $there, $refused] = [0, 0, []];
        $known = array_fill_keys(array_map(Coerce::text(...), $user->events()->pluck('uuid')->all()), true);
        $setups = Setup::query()->where('user_id', $user->id)
            ->whereIn('outing_id', $user->outings()->select('id'))->get(['id', 'uuid', 'outing_id'])->keyBy('uuid')->all();
        $room = Caps::room($user->id, 'events');
        $each = (static function () use ($rows): Generator {
            yield from $rows;
        })();
        Pieces::each($each, static function (array $row, int $line) use (
            $user, $setups, &$known, &$room, &$added, &$there, &$refused,
        ): void {
            $uuid = mb_strtolower($row['event'] ?? '');
            if (isset($known[$uuid])) {
                $there++;

                return;
            }
            $columns = self::columns($row);
            if ($columns === null || $room-- < 1 || ! isset($setups[$row['setup'] ?? ''])) {
                $refused[] = $line;

                return;
            }
            $setup = $setups[$row['setup'] ?? ''];
            Event::query()->create([...$columns, 'user_id' => $user->id, 'outing_id' => $setup->outing_id, 'setup_id' => $setup->id]);
            $known[$uuid] = true;
            $added++;
        });

        return $refused === []
            ? Words::of('Read in: {added} added, {there} there already.', added: $added, there: $there)
            : Words::of(
                'Read in: {added} added, {there} there already. {refused|# line|# lines} refused: impossible, or the '
                    .'outing is missing. Read its JSON in first. Lines: {lines}',
                added: $added, there: $there, refused: count($refused),
                lines: implode(', ', array_slice($refused, 0, 5)).(count($refused) > 5 ? ' …' : '.'),
            );
    }

    /**
     * @param  array<string, string>  $row
     * @return array<string, mixed>|null as columns; null when it cannot be
     */
    private static function columns(array $row): ?array
    {
        $figure = static fn (string $name): mixed => ($row[$name] ?? '') === '' ? null
            : (is_numeric(str_replace(',', '.', $row[$name])) ? (float) str_replace(',', '.', $row[$name]) : $row[$name]);
        $flag = static fn (string $name): mixed => match ($row[$name] ?? '') {
            '' => null,
            'yes' => true,
            'no' => false,
            default => 'neither',
        };
        $text = static fn (string $name): ?string => ($row[$name] ?? '') === '' ? null : $row[$name];
        $cm = static function (string $name) use ($figure): mixed {
            $value = $figure($name);

            return is_float($value) ? $value / 100 : $value;
        };
        $at = strtotime($row['time'] ?? '');
        $columns = [
            'uuid' => $row['event'] ?? '', 'kind' => $row['kind'] ?? '', 'came' => $text('came'), 'species' => $text('species'),
            'length_m' => $cm('length_cm'), 'length_text' => ($row['length_cm'] ?? '') === '' ? null : "{$row['length_cm']} cm",
            'girth_m' => $cm('girth_cm'), 'girth_text' => ($row['girth_cm'] ?? '') === '' ? null : "{$row['girth_cm']} cm",
            'scale_kg' => $figure('scale_kg'), 'scale_text' => ($row['scale_kg'] ?? '') === '' ? null : "{$row['scale_kg']} kg",
            'landed' => $flag('landed'), 'kept' => $flag('kept'), 'hook' => $text('hook'), 'held' => $text('held'),
            'flew' => $text('flew'), 'bent' => $flag('bent'),
            'lost_at' => $text('lost_at'), 'lure_lost' => $flag('lure_lost'), 'depth_m' => $figure('depth_m'), 'tag' => $text('tag'),
            'tag_contact' => $text('tag_contact'), 'note' => $row['note'] ?? '',
            'at' => $at === false ? '' : gmdate('Y-m-d H:i:s', $at).'.'.substr((string) (1000 + self::milliseconds($row['time'] ?? '')), 1),
        ];
        $table = Tables::named('events');
        foreach ($columns as $name => $value) {
            if (! $table->columns[$name]->holds($value)) {
                return null;
            }
        }

        return $columns;
    }

    private static function milliseconds(string $time): int
    {
        return preg_match('/\.(\d{1,3})/', $time, $found) === 1 ? Coerce::whole(str_pad($found[1], 3, '0')) : 0;
    }
}
