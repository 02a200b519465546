<?php

declare(strict_types=1);

namespace App\Presenters\LookBack;

use App\Data\LookBack\LineFishedData;
use App\Data\LookBack\PlacesFishedData;
use App\Data\LookBack\WaterFishedData;
use App\Models\Event;
use App\Models\Outing;
use App\Models\TrackPart;
use App\Models\User;
use App\Models\Water;
use App\Places\Tracks;
use App\Presenters\Places\CoveredWords;
use App\Presenters\Places\TrackPresenter;
use App\Rows\Placing;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Water\Covered;
use Eskith\Core\Words\Words;
use Illuminate\Support\Collection;

/** Which walls and weed edges brought bites for what of them was fished: by where a phone said the boat went. */
final readonly class PlacesFished
{
    /** Outings that are looked at, the newest first; lines of one water. */
    private const OUTINGS = 30;

    private const LINES = 40;

    /** m of a line that were fished at least for it to be told, and bites below which a rate says little. */
    private const TOLD_M = 20.0;

    private const FEW = 5;

    private CoveredWords $words;

    private function __construct(private User $user)
    {
        $this->words = new CoveredWords(new UnitFormat($user->settings()->units));
    }

    public static function of(User $user): PlacesFishedData
    {
        return (new self($user))->all();
    }

    private function all(): PlacesFishedData
    {
        $outings = $this->outings();
        $waters = $this->user->waters()->with('edges')->orderBy('name')->get();
        $sums = [];
        foreach ($outings as $outing) {
            // One after the other: the ways of all of them together take much memory.
            $way = Tracks::degrees($outing);
            $bites = self::bites($outing);
            foreach ($waters as $water) {
                foreach (self::along($outing, $way, $bites, $water) as $id => $covered) {
                    $sums[$id][] = $covered;
                }
            }
        }
        $found = [];
        foreach ($waters as $water) {
            $lines = self::lines($water, $sums);
            if ($lines !== []) {
                $found[] = [$water, $lines];
            }
        }

        return new PlacesFishedData($this->headline($found), self::under($outings->count()), array_map(
            fn (array $one): WaterFishedData => new WaterFishedData($one[0]->id, $one[0]->name, array_map($this->told(...), $one[1])),
            $found,
        ));
    }

    /** @return Collection<int, Outing> with a track */
    private function outings(): Collection
    {
        $tracked = TrackPart::query()->where('user_id', $this->user->id)->select('outing_id');

        return $this->user->outings()->whereIn('id', $tracked)->latest('started_at')->latest('id')->limit(self::OUTINGS)->get();
    }

    /**
     * @param  array<int, non-empty-list<Covered>>  $sums  by line, of each outing that fished it
     * @return list<array{string, Covered, int}> name, what was covered in all, and in how many outings; the best first
     */
    private static function lines(Water $water, array $sums): array
    {
        $lines = [];
        foreach ($water->edges as $edge) {
            $covered = isset($sums[$edge->id]) ? Covered::together($sums[$edge->id]) : null;
            if ($covered !== null && $covered->coveredM >= self::TOLD_M) {
                $lines[] = [TrackPresenter::called($edge), $covered, count($sums[$edge->id])];
            }
        }
        usort($lines, static fn (array $one, array $other): int => $other[1]->per100M() <=> $one[1]->per100M());

        return $lines;
    }

    /** @return list<float> s since 1970 */
    private static function bites(Outing $outing): array
    {
        return array_values($outing->events()->standing()->bites()->orderBy('at')->get(['at'])->map(
            static fn (Event $bite): float => Tracks::second($bite->at),
        )->all());
    }

    /**
     * @param  list<array{float, float, float}>  $way  where the boat went
     * @param  list<float>  $bites  when they came
     * @return array<int, Covered> by line of the water of which something was fished
     */
    private static function along(Outing $outing, array $way, array $bites, Water $water): array
    {
        $frame = Placing::frame($water);
        $track = $frame === null || $water->edges->isEmpty() ? null : Tracks::round($way, $frame);
        if ($track === null) {
            return [];
        }
        $ground = TrackPresenter::ground($outing, $track);
        $places = array_values(array_filter(array_map($track->at(...), $bites)));
        $covered = [];
        foreach ($water->edges->take(self::LINES) as $edge) {
            $line = Placing::line($edge->points);
            $one = $ground->reaches($line) ? Covered::of($line, $ground, $places) : null;
            if ($one !== null && $one->coveredM > 0.0) {
                $covered[$edge->id] = $one;
            }
        }

        return $covered;
    }

    /** @param  array{string, Covered, int}  $line */
    private function told(array $line): LineFishedData
    {
        [$name, $covered, $outings] = $line;

        return new LineFishedData(
            $name, Words::of(
                '{far} fished in {outings|# outing|# outings}', far: $this->words->far($covered->coveredM), outings: $outings,
            ),
            $this->words->bites($covered), $covered->bites < self::FEW ? 'Too few bites to trust.' : '',
        );
    }

    /** @param  list<array{Water, list<array{string, Covered, int}>}>  $found */
    private function headline(array $found): string
    {
        if ($found === []) {
            return 'No wall or edge was fished with a phone yet';
        }
        $best = null;
        foreach ($found as [$water, $lines]) {
            foreach ($lines as [$name, $covered]) {
                $isMore = $best === null || $covered->per100M() > $best[2]->per100M();
                $best = $covered->bites >= self::FEW && $isMore ? [$name, $water->name, $covered] : $best;
            }
        }

        return $best === null
            ? 'Too few bites along any line to name the best'
            : Words::of(
                '{best} bit best: {rate} bites on {on}', best: $best[0], rate: $this->words->rate($best[2]), on: $this->words->on(),
            );
    }

    private static function under(int $outings): string
    {
        return match (true) {
            $outings === 0 => 'Let the phone say where it is on Fish. Draw walls and weed edges on Places.',
            $outings === 1 => 'From the 1 outing in which a phone said where the boat went.',
            default => Words::of('From the last {outings} outings in which a phone said where the boat went.', outings: $outings),
        };
    }
}
