<?php

declare(strict_types=1);

namespace App\Presenters\LookBack;

use App\Models\User;
use App\Presenters\Card\PrintedPage;
use App\Rows\OutingSummary;
use App\Rows\SeasonFilter;
use App\Rows\SeasonReader;
use Eskith\Core\Record\Factor;
use Eskith\Core\Record\Season;
use Eskith\Core\Record\SetupResult;
use Eskith\Core\Words\Words;

/** The season on paper, a page a water: what may be said, rates by hole, finish and cadence, and every outing. */
final class SeasonReport
{
    private const FACTORS = [Factor::Hole, Factor::Finish, Factor::Weight, Factor::Cadence];

    /** Outings listed on a page. */
    private const LISTED = 22;

    public static function html(User $user, SeasonFilter $filter): string
    {
        return view('season', ['pages' => self::pages($user, $filter)])->render();
    }

    public static function pdf(User $user, SeasonFilter $filter): string
    {
        return PrintedPage::pdf(self::html($user, $filter));
    }

    /** @return list<array<string, mixed>> */
    private static function pages(User $user, SeasonFilter $filter): array
    {
        $reader = SeasonReader::of($user, $filter);
        $fishing = array_map(static fn (array $one): SetupResult => $one[1], $reader->fishing());
        $byWater = [];
        foreach ($reader->outings() as $outing) {
            $byWater[$outing->water ?? 'Elsewhere'][] = $outing;
        }
        $pages = [];
        foreach ($byWater as $water => $outings) {
            $of = array_fill_keys(array_map(static fn (OutingSummary $one): string => $one->key, $outings), true);
            $season = new Season(array_values(array_filter($fishing, static fn (SetupResult $one): bool => isset($of[$one->outing]))));
            $pages[] = self::page($user, (string) $water, $outings, $season);
        }

        return $pages;
    }

    /**
     * @param  list<OutingSummary>  $outings
     * @return array<string, mixed>
     */
    private static function page(User $user, string $water, array $outings, Season $season): array
    {
        $said = array_map(RecordWords::comparison(...), array_slice(array_values(array_filter(
            $season->allComparisons(), static fn ($pair): bool => in_array($pair->standing->value, ['clear', 'vanishes'], true),
        )), 0, 4));
        $stage = $season->allStages();
        $rates = [];
        foreach (self::FACTORS as $factor) {
            foreach (array_slice($season->dots($factor), 0, 6) as $dot) {
                $rates[$factor->word()][] = [$dot->level, RecordWords::rate($dot->rate, $dot->hours)];
            }
        }
        $unit = $user->settings()->units->temperature;
        $did = [];
        foreach ($season->all as $one) {
            [$hours, $touches, $landed] = $did[$one->outing] ?? [0.0, 0, 0];
            $did[$one->outing] = [$hours + $one->hours, $touches + $one->touches, $landed + $one->landed];
        }

        return [
            'water' => $water,
            'sum' => Words::of(
                '{outings}, {hours} on the rods, {bites} bites',
                outings: RecordWords::counted(count($outings), 'outing'),
                hours: RecordWords::hours($season->hours()),
                bites: $season->touches(),
            ),
            'said' => $stage->touches === 0 ? $said : [...$said, RecordWords::stage($stage)],
            'rates' => $rates,
            'outings' => array_map(static fn (OutingSummary $one): array => [
                gmdate('j M Y', $one->start), $one->place,
                $one->tempC === null ? '' : round($unit->fromSi($one->tempC))."\u{A0}{$unit->symbol()}",
                RecordWords::hours($did[$one->key][0] ?? 0.0), Words::of(
                    '{count} of {of}', count: $did[$one->key][2] ?? 0, of: $did[$one->key][1] ?? 0,
                ),
            ], array_slice(array_reverse($outings), 0, self::LISTED)),
            'more' => max(0, count($outings) - self::LISTED),
        ];
    }
}
