<?php

declare(strict_types=1);

namespace App\Rows;

use App\Models\User;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Outings as the record looks at them, oldest first; one that went on at another water is one for each of them. */
final readonly class FishedOutings
{
    /**
     * @param  array<string, OutingSummary>  $all  by their keys, those that are asked for
     * @param  array<int, list<OutingSummary>>  $byId  the same, by the outing
     * @param  array<int, array{int, int}>  $spans  s since the epoch from begin to end of each whole outing
     */
    private function __construct(public array $all, private array $byId, public array $spans)
    {
    }

    /**
     * @param  bool  $past  without the outing under way
     * @param  int|null  $spot  id: only those that fished there; null for all
     */
    public static function of(User $user, SeasonFilter $filter, bool $past = false, ?int $spot = null): self
    {
        $rows = $user->outings()->toBase()->leftJoin('spots', 'spots.id', '=', 'outings.spot_id')
            ->leftJoin('waters', 'waters.id', '=', 'spots.water_id')->orderBy('outings.started_at')->orderBy('outings.id')
            ->when($spot !== null, static fn (Builder $rows) => $rows->whereIn('outings.id', DB::table('setups')->select('outing_id')
                ->where('user_id', $user->id)->where('spot_id', $spot)))
            ->when($past, static fn (Builder $rows) => $rows->whereNotNull('outings.ended_at'))
            ->get(['outings.id', 'outings.uuid', 'outings.place', 'outings.readings', 'outings.started_at', 'outings.ended_at',
                'waters.name as water']);
        $moves = self::moves($user);
        [$all, $byId, $spans] = [[], [], []];
        foreach ($rows as $row) {
            $parts = self::parts($row, $moves[Coerce::whole($row->id)] ?? []);
            foreach ($parts as $part) {
                if (self::passes($part, $filter)) {
                    $all[$part->key] = $part;
                    $byId[$part->id][] = $part;
                    $spans[$part->id] = [$parts[0]->start, $parts[count($parts) - 1]->end];
                }
            }
        }

        return new self($all, $byId, $spans);
    }

    /** @param  \Closure(OutingSummary): bool  $which */
    public function only(\Closure $which): self
    {
        return new self(array_filter($this->all, $which), array_map(
            static fn (array $parts): array => array_values(array_filter($parts, $which)), $this->byId,
        ), $this->spans);
    }

    /** Those of them that a filter lets through, and nothing of the others. */
    public function within(SeasonFilter $filter): self
    {
        $some = $this->only(static fn (OutingSummary $one): bool => self::passes($one, $filter));

        return new self($some->all, $some->byId, array_intersect_key($this->spans, array_filter($some->byId)));
    }

    /** What was fished in an outing at a moment, s since the epoch; null where it is not asked for. */
    public function at(int $outing, float $at): ?OutingSummary
    {
        foreach ($this->byId[$outing] ?? [] as $part) {
            if ($part->has($at)) {
                return $part;
            }
        }

        return null;
    }

    /** @return array<int, list<stdClass>> by outing, in order */
    private static function moves(User $user): array
    {
        $moves = [];
        $rows = DB::table('moves')->where('moves.user_id', $user->id)->whereNull('undone_at')
            ->join('spots', 'spots.id', '=', 'moves.spot_id')->join('waters', 'waters.id', '=', 'spots.water_id')
            ->orderBy('at')->orderBy('moves.id')->get(['outing_id', 'place', 'readings', 'at', 'waters.name as water']);
        foreach ($rows as $row) {
            $moves[Coerce::whole($row->outing_id)][] = $row;
        }

        return $moves;
    }

    /**
     * @param  list<stdClass>  $moves
     * @return non-empty-list<OutingSummary> one for each stay at a water
     */
    private static function parts(stdClass $row, array $moves): array
    {
        $start = (int) Coerce::seconds($row->started_at);
        $end = $row->ended_at === null ? Carbon::now()->getTimestamp() : (int) Coerce::seconds($row->ended_at);
        $stays = [[$start, $row, [self::spot($row)]]];
        foreach ($moves as $move) {
            $i = count($stays) - 1;
            [, $last] = $stays[$i];
            if (Coerce::text($move->water) !== Coerce::text($last->water)) {
                $stays[] = [(int) Coerce::seconds($move->at), $move, [self::spot($move)]];

                continue;
            }
            $stays[$i][2][] = self::spot($move);
            if ($move->readings !== null && $last !== $row) {
                // The same water still: what was read there by then.
                $last->readings = $move->readings;
            }
        }
        $species = null;
        $parts = [];
        foreach ($stays as $i => [$from, $stay, $spots]) {
            $readings = json_decode(Coerce::text($stay->readings), true);
            $readings = is_array($readings) ? $readings : [];
            $species = Coerce::text($readings['species'] ?? $species ?? 'walleye');
            $until = $stays[$i + 1][0] ?? null;
            $parts[] = new OutingSummary(
                id: Coerce::whole($row->id), uuid: Coerce::text($row->uuid), key: Coerce::text($row->uuid).($i === 0 ? '' : " {$i}"),
                place: count(array_unique($spots)) === 1 ? Coerce::text($stay->place)
                    : implode(', ', array_unique($spots)).' · '.Coerce::text($stay->water),
                water: $stay->water === null ? null : Coerce::text($stay->water), species: $species,
                tempC: self::temperature($readings), start: $from, end: max($from, $until ?? $end),
                from: $i === 0 ? -INF : (float) $from, until: (float) ($until ?? INF),
            );
        }

        return $parts;
    }

    /** A spot without its water. */
    private static function spot(stdClass $stay): string
    {
        $place = Coerce::text($stay->place);
        $water = ' · '.Coerce::text($stay->water);

        return str_ends_with($place, $water) ? substr($place, 0, -strlen($water)) : $place;
    }

    /** @param  array<array-key, mixed>  $readings */
    private static function temperature(array $readings): ?float
    {
        try {
            return isset($readings['temp']) ? Measure::parse(Coerce::text($readings['temp']), Unit::Celsius)->si : null;
        } catch (InvalidInput) {
            // What cannot be read is not known.
            return null;
        }
    }

    private static function passes(OutingSummary $outing, SeasonFilter $filter): bool
    {
        return ($filter->water === null || $outing->water === $filter->water)
            && ($filter->species === null || $outing->species === $filter->species)
            && ($filter->band === null || $outing->band() === $filter->band)
            && ($filter->year === null || $outing->year() === $filter->year);
    }
}
