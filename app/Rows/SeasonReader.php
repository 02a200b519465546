<?php

declare(strict_types=1);

namespace App\Rows;

use App\Models\Pause;
use App\Models\User;
use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Choosing\WeightSteps;
use Eskith\Core\Record\Exposure;
use Eskith\Core\Record\Factor;
use Eskith\Core\Record\Pause as Rest;
use Eskith\Core\Record\RodInterval;
use Eskith\Core\Record\Season;
use Eskith\Core\Record\SetupResult;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Units\UnitSet;
use Eskith\Core\Words\Words;
use Eskith\Telling\Enums\EventKind;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * The record as the core looks at it. Events are counted from an index, so that a hundred thousand of them cost little more
 * than a thousand.
 */
final readonly class SeasonReader
{
    /** m between two depths that are told apart. */
    private const DEPTH_STEP_M = 3.0;

    /** m/s between two speeds of a lift that are told apart. */
    private const SPEED_STEP_MS = 0.25;

    private UnitSet $units;

    private function __construct(private User $user, private SeasonFilter $filter, public FishedOutings $fished)
    {
        $this->units = $user->settings()->units;
    }

    /**
     * @param  bool  $past  without the outing under way
     * @param  int|null  $spot  id; null for all
     */
    public static function of(User $user, SeasonFilter $filter, bool $past = false, ?int $spot = null): self
    {
        return new self($user, $filter, FishedOutings::of($user, $filter, $past, $spot));
    }

    /** Less of the same, without asking for it again. */
    public function within(SeasonFilter $filter): self
    {
        return new self($this->user, $filter, $this->fished->within($filter));
    }

    /** @return array<string, OutingSummary> by their keys, oldest first */
    public function outings(): array
    {
        return $this->fished->all;
    }

    public function season(): Season
    {
        return new Season(array_values(array_map(static fn (array $one): SetupResult => $one[1], $this->fishing())));
    }

    /** @return array<int, array{stdClass, SetupResult}> by setup: its row, and what it did */
    public function fishing(): array
    {
        $setups = $this->setups();
        $hours = $this->hours($setups);
        $counts = $this->counts();
        $found = [];
        foreach ($setups as $row) {
            $id = Coerce::whole($row->id);
            // Other bait says nothing of lures.
            if ($row->lure_id === null || ! $this->ofRod($row)) {
                continue;
            }
            $outing = $this->fished->at(Coerce::whole($row->outing_id), Coerce::seconds($row->tied_at));
            if ($outing === null) {
                continue;
            }
            $count = $counts[$id] ?? [];
            $found[$id] = [$row, new SetupResult(
                outing: $outing->key, levels: $this->levels($row, $outing), hours: $hours[$id] ?? 0.0,
                touches: $count['touches'] ?? 0, hooked: $count['hooked'] ?? 0, landed: $count['landed'] ?? 0,
                drops: $count['drops'] ?? 0, fouls: $count['fouls'] ?? 0, seen: $count['seen'] ?? 0, refused: $count['refused'] ?? 0,
            )];
        }

        return $found;
    }

    private function ofRod(stdClass $row): bool
    {
        return ($this->filter->rod === null || $row->rod === $this->filter->rod)
            && ($this->filter->who === null || ($row->owner === null) === ($this->filter->who === 'own'));
    }

    /** @return list<stdClass> in the order in which they were tied on */
    private function setups(): array
    {
        if ($this->fished->all === []) {
            return [];
        }
        $rows = DB::table('setups')->leftJoin('lures', 'lures.id', '=', 'setups.lure_id')
            ->leftJoin('rods', 'rods.id', '=', 'setups.rod_id')->leftJoin('lines', 'lines.id', '=', 'rods.line_id')
            ->where('setups.user_id', $this->user->id)->orderBy('setups.tied_at')->orderBy('setups.id')
            ->get([
                'setups.id', 'setups.outing_id', 'setups.rod_id', 'setups.lure_id', 'setups.hole', 'setups.cadence', 'setups.depth_m',
                'setups.lift_m', 'setups.lift_s', 'setups.tied_at', 'setups.until_at', 'setups.rule_points', 'lures.family',
                'lures.mass_kg', 'lures.finish', 'lures.hooks', 'rods.name as rod', 'rods.owner', 'rods.leader', 'rods.leader_n_text',
                'lines.name as line',
            ]);

        // Of each outing all, since what is tied on ends what was on before.
        return array_values(array_filter(
            $rows->all(), fn (stdClass $row): bool => isset($this->fished->spans[Coerce::whole($row->outing_id)]),
        ));
    }

    /**
     * @param  list<stdClass>  $setups
     * @return array<int, float> by setup
     */
    private function hours(array $setups): array
    {
        $byOuting = [];
        foreach ($setups as $row) {
            $byOuting[Coerce::whole($row->outing_id)][] = $row;
        }
        $pauses = Pause::query()->where('user_id', $this->user->id)->toBase()->get(['outing_id', 'rod_id', 'from_at', 'until_at'])
            ->groupBy('outing_id');
        $taps = $pauses->isEmpty() ? [] : $this->tapsInPauses();
        $hours = [];
        foreach ($byOuting as $id => $rows) {
            [$start, $end] = $this->fished->spans[$id];
            $rests = [];
            foreach ($pauses->get($id, []) as $pause) {
                $rests[] = new Rest(
                    Coerce::seconds($pause->from_at), $pause->until_at === null ? (float) $end : Coerce::seconds($pause->until_at),
                    $pause->rod_id === null ? null : (string) Coerce::whole($pause->rod_id),
                );
            }
            $fished = array_map(static fn (stdClass $row): RodInterval => new RodInterval(
                (string) Coerce::whole($row->rod_id), Coerce::seconds($row->tied_at),
                $row->until_at === null ? null : Coerce::seconds($row->until_at),
            ), $rows);
            $found = Exposure::of(
                $start, max($start, $end), $fished, $taps[$id] ?? [], $rests,
            )->hours;
            foreach ($rows as $i => $row) {
                $hours[Coerce::whole($row->id)] = $found[$i] ?? 0.0;
            }
        }

        return $hours;
    }

    /** @return array<int, list<array{float, string}>> by outing: when which rod was tapped during a pause; those are what ends one */
    private function tapsInPauses(): array
    {
        $taps = [];
        $rows = DB::table('pauses')->where('pauses.user_id', $this->user->id)
            ->join('events', static fn (JoinClause $during) => $during->on('events.outing_id', '=', 'pauses.outing_id')
                ->whereNull('events.undone_at')->whereColumn('events.at', '>=', 'pauses.from_at')
                ->where(static fn (Builder $until) => $until->whereNull('pauses.until_at')
                    ->orWhereColumn('events.at', '<=', 'pauses.until_at')))
            ->join('setups', 'setups.id', '=', 'events.setup_id')
            ->distinct()->get(['events.id', 'events.outing_id', 'events.at', 'setups.rod_id']);
        foreach ($rows as $row) {
            $taps[Coerce::whole($row->outing_id)][] = [Coerce::seconds($row->at), (string) Coerce::whole($row->rod_id)];
        }

        return $taps;
    }

    /** @return array<int, array<string, int>> by setup, then by what is counted (EventKind::countsAs) and landed */
    private function counts(): array
    {
        $counts = [];
        $rows = DB::table('events')->where('user_id', $this->user->id)->whereNull('undone_at')
            ->whereIn('kind', EventKind::counted())
            ->groupBy('kind', 'setup_id', 'landed')->selectRaw('kind, setup_id, landed, count(*) as times')->get();
        foreach ($rows as $row) {
            $id = Coerce::whole($row->setup_id);
            $times = Coerce::whole($row->times);
            $kind = EventKind::tryFrom(Coerce::text($row->kind));
            $of = $kind === EventKind::Fish && (bool) $row->landed ? [...$kind->countsAs(), 'landed'] : $kind?->countsAs() ?? [];
            foreach ($of as $what) {
                $counts[$id][$what] = ($counts[$id][$what] ?? 0) + $times;
            }
        }

        return $counts;
    }

    /** @return array<string, string> by factor, as the angler reads them; those that are not known are left out */
    private function levels(stdClass $row, OutingSummary $outing): array
    {
        $levels = [];
        foreach (Factor::cases() as $factor) {
            $levels[$factor->value] = $this->level($factor, $row, $outing);
        }

        return array_filter($levels, static fn (string $level): bool => $level !== '');
    }

    /** What a setup was of a factor; '' where that is not known. */
    private function level(Factor $factor, stdClass $row, OutingSummary $outing): string
    {
        return match ($factor) {
            Factor::Hole => Coerce::text($row->hole),
            Factor::Finish => str_replace('_', ' and ', Coerce::text($row->finish)),
            Factor::Weight => $this->step(Coerce::number($row->mass_kg), $outing->species),
            Factor::Family => Family::tryFrom(Coerce::text($row->family))?->word() ?? '',
            Factor::Cadence => Cadence::tryFrom(Coerce::text($row->cadence))?->word() ?? '',
            Factor::Speed => $this->speed(Coerce::number($row->lift_m), Coerce::number($row->lift_s)),
            Factor::Depth => Coerce::number($row->depth_m) > 0.0
                ? $this->between(Coerce::number($row->depth_m), self::DEPTH_STEP_M, 'depth') : '',
            Factor::Rod => Coerce::text($row->rod),
            Factor::Line => Coerce::text($row->line),
            Factor::Leader => $row->leader === null ? '' : trim(Coerce::text($row->leader_n_text).' '.Coerce::text($row->leader)),
            Factor::Hooks => self::hooks(self::hooked($row)),
            Factor::Hang => Coerce::text(self::hooked($row)['attach'] ?? ''),
        };
    }

    private function speed(float $lift, float $seconds): string
    {
        return $lift > 0.0 && $seconds > 0.0 ? $this->between($lift / $seconds, self::SPEED_STEP_MS, 'speed') : '';
    }

    /** @return array<array-key, mixed> its hooks as they are kept; none where that cannot be read */
    private static function hooked(stdClass $row): array
    {
        $hooks = is_string($row->hooks) ? json_decode($row->hooks, true) : null;

        return is_array($hooks) ? $hooks : [];
    }

    private function step(float $kg, string $species): string
    {
        $fish = Species::tryFrom($species) ?? Species::Walleye;

        return (new UnitFormat($this->units))->weight(WeightSteps::series($fish)[WeightSteps::index($kg, $fish)]);
    }

    /** "20–30 ft" */
    private function between(float $value, float $step, string $of): string
    {
        $unit = $of === 'depth' ? $this->units->depth : $this->units->speed;
        $low = $step * floor($value / $step);

        return round($unit->fromSi($low), $of === 'depth' ? 0 : 1).'–'.round($unit->fromSi($low + $step), $of === 'depth' ? 0 : 1)
            ."\u{A0}{$unit->symbol()}";
    }

    /** @param  array<array-key, mixed>  $hooks */
    private static function hooks(array $hooks): string
    {
        $parts = array_filter([
            isset($hooks['front']) ? Words::of('front {hook}', hook: Coerce::text($hooks['front'])) : '',
            isset($hooks['rear']) ? Words::of('rear {hook}', hook: Coerce::text($hooks['rear'])) : '',
            Coerce::text($hooks['style'] ?? ''),
        ]);

        return implode(', ', $parts);
    }
}
