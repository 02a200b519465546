<?php

declare(strict_types=1);

namespace App\Answers;

use App\Data\PickData;
use App\Data\ReasonData;
use App\Data\StepData;
use App\Data\WayData;
use Eskith\Core\Choosing\Change;
use Eskith\Core\Choosing\Day;
use Eskith\Core\Choosing\Ladder;
use Eskith\Core\Choosing\Pick;
use Eskith\Core\Choosing\Reason;
use Eskith\Core\Choosing\Spoken;
use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\Lure;

/** Puts a pick into words and drawings: its reasons, its drop, its other ways and the ladder of changes from it. */
final readonly class PickPresenter
{
    /** Steps of the ladder shown. */
    private const STEPS = 3;

    private Ladder $ladder;

    private Spoken $spoken;

    /** @var array<int|string, non-empty-list<Pick>> */
    private array $byLure;

    public function __construct(private Standing $standing)
    {
        $this->ladder = Ladder::over($standing->ranked, $standing->day, $standing->situation->vertical());
        $this->spoken = new Spoken($standing->situation);
        $this->byLure = $standing->byLure();
    }

    /**
     * @param  list<Pick>  $picks
     * @return list<PickData>
     */
    public function all(array $picks): array
    {
        $situation = $this->standing->situation;
        $theirs = $this->standing->chooser->bestHoles(
            $situation->with(schools: $situation->schools->withOtherHole()),
            array_map(static fn (Pick $pick): Lure => $pick->candidate->lure, $picks),
        );
        $places = array_flip(array_keys($this->byLure));

        return array_map(fn (Pick $pick, ?Hole $hole): PickData => $this->one($pick, 1 + $places[$pick->candidate->lure->id], $hole), $picks, $theirs);
    }

    /**
     * @param  int  $place  of the lure in the ranking, from 1
     * @param  Hole|null  $theirs  what the other school would use
     */
    private function one(Pick $pick, int $place, ?Hole $theirs): PickData
    {
        $candidate = $pick->candidate;
        $row = $this->standing->row($candidate->lure);
        $reasons = $pick->reasons();
        $sum = static fn (int $sign): float => array_sum(array_map(static fn (Reason $reason): float => max(0.0, $sign * $reason->points), $reasons));
        $otherWays = array_values(array_filter($this->byLure[$candidate->lure->id], static fn (Pick $way): bool => $way !== $pick));

        return new PickData(
            Standing::key($pick), $row->id, $place, $row->mass_kg, $candidate->hole()?->name, $candidate->cadence->value ?? '',
            $this->spoken->title($candidate->lure), $this->spoken->way($candidate), $this->spoken->lure($candidate->lure), LureReader::drawing($row, $candidate->lure), $candidate->holeIndex,
            $pick->points, $sum(1), $sum(-1),
            array_map(self::reason(...), self::weightiestFirst($reasons)),
            array_map(fn (Pick $way): WayData => new WayData(Standing::key($way), $this->spoken->way($way->candidate), $way->points, Points::signed($way->points)), array_slice($otherWays, 0, 4)),
            DropPresenter::of($candidate, $this->standing->situation),
            ucfirst($candidate->cadence?->word() ?? ''),
            CadenceWords::of($candidate, $this->standing->situation),
            $this->steps($pick),
            self::otherHole($pick, $theirs),
        );
    }

    public static function reason(Reason $reason): ReasonData
    {
        return new ReasonData($reason->rule, $reason->points, Points::signed($reason->points), $reason->text);
    }

    /** @return list<StepData> */
    private function steps(Pick $pick): array
    {
        // Told in minutes without a touch, which have begun for what is on the line.
        $blank = 60 * $this->standing->day->blank(Day::way($pick->candidate));
        $steps = $this->ladder->steps($pick, self::STEPS);

        return array_map(fn (Change $change, int $i): StepData => new StepData(
            Standing::key($change->to), $this->spoken->change($change), (int) round($change->afterMinutes + ($i === 0 ? $blank : 0.0)), $change->isHardlyWorthIt(),
            $this->spoken->title($change->to->candidate->lure), $this->spoken->way($change->to->candidate),
        ), $steps, array_keys($steps));
    }

    /**
     * @param  list<Reason>  $reasons
     * @return list<Reason>
     */
    private static function weightiestFirst(array $reasons): array
    {
        usort($reasons, static fn (Reason $a, Reason $b): int => [$b->points > 0, abs($b->points)] <=> [$a->points > 0, abs($a->points)]);

        return $reasons;
    }

    private static function otherHole(Pick $pick, ?Hole $theirs): ?string
    {
        return $theirs === null || $theirs->name === $pick->candidate->hole()?->name ? null : "The other school would use the {$theirs->name} hole with this lure.";
    }
}
