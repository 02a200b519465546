<?php

declare(strict_types=1);

namespace App\Kits;

use App\Models\User;
use App\Rows\SeasonFilter;
use App\Rows\SeasonReader;
use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\TempBand;
use Eskith\Core\Choosing\WeightSteps;
use Eskith\Core\Record\Learning;
use Eskith\Core\Record\LearningSample;
use Eskith\Core\Record\Level;
use Eskith\Core\Record\SetupResult;
use Eskith\Telling\Choosing\RecordSays;
use Eskith\Telling\Kept\Coerce;
use stdClass;

/**
 * What the record of past outings says for today's fish and temperature. Worked out anew whenever the record is another.
 */
final readonly class Learned implements RecordSays
{
    /** rod-hours of record before it says anything. */
    private const LEAST_H = 2.0;

    public function __construct(private User $user)
    {
    }

    public function of(string $species, TempBand $band): ?Learning
    {
        $learning = RecordCache::of(
            $this->user, "learned {$species} {$band->value}", [Learning::class, Level::class],
            fn (): ?Learning => self::from($this->user, $species, $band),
        );

        return $learning instanceof Learning ? $learning : null;
    }

    private static function from(User $user, string $species, TempBand $band): ?Learning
    {
        $reader = SeasonReader::of($user, SeasonFilter::of(['species' => $species]), past: true);
        $weights = [];
        foreach ($reader->outings() as $outing) {
            $apart = $outing->band() === null ? 9 : abs($outing->band()->value - $band->value);
            $weights[$outing->key] = [0 => 1.0, 1 => 0.5][$apart] ?? 0.0;
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
    public static function row(stdClass $row, SetupResult $fishing, string $species, float $weight): LearningSample
    {
        $fish = Species::tryFrom($species) ?? Species::Walleye;

        return new LearningSample(
            outing: $fishing->outing,
            levels: array_filter([
                'family' => Coerce::text($row->family), 'weight_step' => (string) WeightSteps::index(Coerce::number($row->mass_kg), $fish),
                'finish' => Coerce::text($row->finish), 'hole' => Coerce::text($row->hole), 'cadence' => Coerce::text($row->cadence),
            ], static fn (string $level): bool => $level !== ''),
            points: Coerce::number($row->rule_points), hours: $fishing->hours, touches: $fishing->touches, weight: $weight,
        );
    }
}
