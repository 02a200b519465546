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
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * What the record of past outings says for today's fish and temperature. Worked out anew whenever the record is another:
 * what is kept of it stands under what the record was, so that it cannot be out of date.
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
        $of = static fn (string $table): Builder => DB::table($table)->where('user_id', $user->id);
        $parts = [
            [$of('events')->whereNull('undone_at')->whereIn('kind', EventKind::bites()), ['count(*)', 'sum(setup_id)', 'max(id)']],
            [
                $of('outings')->whereNull('deleted_at'),
                ['count(*)', 'count(ended_at)', 'max(ended_at)', 'max(updated_at)', 'sum(id)'],
            ],
            [$of('setups'), ['count(*)', 'count(until_at)', 'max(until_at)', 'sum(outing_id)']],
            [$of('pauses'), ['count(*)', 'max(until_at)', 'sum(outing_id)']],
            [$of('lures'), ['max(updated_at)']],
        ];
        $all = DB::query();
        // Asked at once: every answer needs it.
        foreach ($parts as $i => [$table, $told]) {
            foreach ($told as $n => $what) {
                $all->selectSub((clone $table)->selectRaw($what), "part{$i}_{$n}");
            }
        }

        return md5(json_encode($all->first(), JSON_THROW_ON_ERROR));
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
