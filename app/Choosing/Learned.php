<?php

declare(strict_types=1);

namespace App\Choosing;

use App\Enums\EventKind;
use App\Models\User;
use App\Readings\ReadingBook;
use App\Rows\Raw;
use App\Rows\SeasonFilter;
use App\Rows\SeasonReader;
use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\TempBand;
use Eskith\Core\Choosing\WeightSteps;
use Eskith\Core\Record\FishedRow;
use Eskith\Core\Record\Fishing;
use Eskith\Core\Record\Learning;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * What the record of past outings says for today's fish and temperature. Worked out anew whenever the record is another:
 * what is kept of it stands under counts and sums of the record, which every deed of an angler moves.
 */
final readonly class Learned
{
    /** rod-hours of record before it says anything. */
    private const LEAST_H = 2.0;

    /** s that what was learned is kept. */
    private const KEPT_S = 86_400;

    /** Null while there is too little of it, or no fish or temperature is read. */
    public static function of(User $user, ReadingBook $book): ?Learning
    {
        $species = $book->text('species');
        $temp = $book->si('temp');
        if ($species === null || $temp === null) {
            return null;
        }
        $band = TempBand::of($temp);
        $learning = Cache::remember(
            'learned '.implode(' ', [$user->id, $species, $band->value, self::state($user)]), self::KEPT_S,
            static fn (): string => serialize(self::from($user, $species, $band)),
        );

        return self::read($learning);
    }

    private static function read(string $kept): ?Learning
    {
        $learning = unserialize($kept, ['allowed_classes' => [Learning::class, \Eskith\Core\Record\Level::class]]);

        return $learning instanceof Learning ? $learning : null;
    }

    /** What changes with every change of what is learned from. */
    private static function state(User $user): string
    {
        $bites = EventKind::bites();
        $of = [
            ['events where user_id = ? and undone_at is null and kind in ('.implode(', ', array_fill(0, count($bites), '?')).')',
                ['count(*)', 'sum(setup_id)', 'sum(setup_id * setup_id)', 'max(id)'], $bites],
            ['outings where user_id = ? and deleted_at is null',
                ['count(*)', 'count(ended_at)', 'max(ended_at)', 'max(updated_at)', 'sum(id)'], []],
            ['setups where user_id = ?', ['count(*)', 'count(until_at)', 'max(until_at)', 'sum(outing_id)'], []],
            ['pauses where user_id = ?', ['count(*)', 'max(until_at)', 'sum(outing_id)'], []],
            ['lures where user_id = ?', ['max(updated_at)'], []],
        ];
        // Asked at once, and without a builder: every answer needs it.
        [$tables, $bindings] = [[], []];
        foreach ($of as $i => [$from, $told, $more]) {
            $columns = array_map(static fn (string $what, int $n): string => "{$what} as part{$i}_{$n}", $told, array_keys($told));
            $tables[] = '(select '.implode(', ', $columns)." from {$from}) as part{$i}";
            array_push($bindings, $user->id, ...$more);
        }

        return md5(json_encode(DB::selectOne('select * from '.implode(', ', $tables), $bindings), JSON_THROW_ON_ERROR));
    }

    public static function from(User $user, string $species, TempBand $band): ?Learning
    {
        $reader = SeasonReader::of($user, SeasonFilter::of(['species' => $species]), past: true);
        $weights = [];
        foreach ($reader->outings as $outing) {
            $apart = $outing->band() === null ? 9 : abs($outing->band()->value - $band->value);
            $weights[$outing->uuid] = [0 => 1.0, 1 => 0.5][$apart] ?? 0.0;
        }
        $rows = [];
        $hours = 0.0;
        foreach ($reader->fishing() as [$row, $fishing]) {
            $hours += $fishing->hours;
            $rows[] = self::row($row, $fishing, $species, $weights[$fishing->outing] ?? 0.0);
        }

        return $hours < self::LEAST_H ? null : Learning::of($rows);
    }

    /** What learning takes from a setup. */
    public static function row(stdClass $row, Fishing $fishing, string $species, float $weight): FishedRow
    {
        $fish = Species::tryFrom($species) ?? Species::Walleye;

        return new FishedRow(
            outing: $fishing->outing,
            levels: array_filter([
                'family' => Raw::text($row->family), 'weight_step' => (string) WeightSteps::index(Raw::number($row->mass_kg), $fish),
                'finish' => Raw::text($row->finish), 'hole' => Raw::text($row->hole), 'cadence' => Raw::text($row->cadence),
            ], static fn (string $level): bool => $level !== ''),
            points: Raw::number($row->rule_points), hours: $fishing->hours, touches: $fishing->touches, weight: $weight,
        );
    }
}
