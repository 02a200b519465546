<?php

declare(strict_types=1);

namespace Eskith\Telling\Lure;

use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\CastOut;
use Eskith\Core\Choosing\Change;
use Eskith\Core\Choosing\Day;
use Eskith\Core\Choosing\Ladder;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Choosing\Pick;
use Eskith\Core\Choosing\Reason;
use Eskith\Core\Drop\Cast;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Words\Words;
use Eskith\Telling\Choosing\RankedBox;
use Eskith\Telling\Data\Fish\TyingData;
use Eskith\Telling\Data\Lure\ListedPickData;
use Eskith\Telling\Data\Lure\PickData;
use Eskith\Telling\Data\Lure\ReasonData;
use Eskith\Telling\Data\Lure\StepData;
use Eskith\Telling\Data\Lure\WayData;
use Eskith\Telling\Water\DropPresenter;
use Eskith\Telling\Work\CadenceWords;
use Eskith\Telling\Work\FallWords;

/** Puts a pick into words and drawings: its reasons, its drop, its other ways and the ladder of changes from it. */
final readonly class PickPresenter
{
    /** Steps of the ladder shown. */
    private const STEPS = 3;

    private LureNames $names;

    /** @var array<int|string, non-empty-list<Pick>> */
    private array $byLure;

    /** @var array<int|string, int> of each lure in the ranking, from 1 */
    private array $places;

    public function __construct(private RankedBox $rankedBox)
    {
        $this->names = new LureNames($rankedBox->situation->say);
        $this->byLure = $rankedBox->byLure();
        $this->places = array_map(static fn (int $at): int => $at + 1, array_flip(array_keys($this->byLure)));
    }

    /** As a list shows it. */
    public function inShort(Pick $pick): ListedPickData
    {
        $candidate = $pick->candidate;
        $say = $this->rankedBox->situation->say;
        $cast = $this->cast($candidate);
        $down = $cast->downS ?? $candidate->secondsToBottom;

        return new ListedPickData(
            key: RankedBox::key($pick),
            lureId: (int) $candidate->lure->id,
            place: $this->places[$candidate->lure->id],
            title: $this->names->title($candidate->lure),
            subtitle: $this->names->way($candidate, $this->rankedBox->situation),
            drawing: Drawing::of($this->rankedBox->row($candidate->lure), $candidate->lure),
            holeIndex: $candidate->holeIndex,
            secondsText: $down === null ? '–' : $say->seconds($down),
            asideText: match (true) {
                $cast !== null => $say->depth($cast->landsM),
                $candidate->weighed->lineAngleDeg === null => '–',
                default => $say->angle($candidate->weighed->lineAngleDeg),
            },
            asideWord: $this->rankedBox->situation->vertical() ? 'line' : 'out',
            points: $pick->points,
            pointsText: Points::plain($pick->points),
            forPoints: $pick->pointsFor(),
            againstPoints: $pick->pointsAgainst(),
            usual: $this->rankedBox->row($candidate->lure)->isUsual(),
        );
    }

    /** Null straight down, where the depth is not read, and for a cast that never gets down. */
    private function cast(Candidate $candidate): ?Cast
    {
        try {
            return $this->rankedBox->situation->vertical() ? null : CastOut::of($candidate, $this->rankedBox->situation)->cast;
        } catch (InvalidInput) {
            return null;
        }
    }

    /** With all that is said of it. */
    public function inFull(Pick $pick): PickData
    {
        $candidate = $pick->candidate;
        $row = $this->rankedBox->row($candidate->lure);
        $reasons = $pick->reasons();
        $otherWays = array_values(array_filter($this->byLure[$candidate->lure->id], static fn (Pick $way): bool => $way !== $pick));

        return new PickData(
            key: RankedBox::key($pick),
            lureId: $row->id(),
            massKg: $row->number('mass_kg'),
            hole: $candidate->hole()?->name,
            cadence: $candidate->cadence->value ?? '',
            title: $this->names->title($candidate->lure),
            subtitle: $this->names->way($candidate, $this->rankedBox->situation),
            spoken: $this->names->lure($candidate->lure),
            drawing: Drawing::of($row, $candidate->lure),
            holeIndex: $candidate->holeIndex,
            points: $pick->points,
            pointsText: Points::plain($pick->points),
            reasons: array_map(self::reason(...), self::weightiestFirst($reasons)),
            ways: array_map($this->way(...), array_slice($otherWays, 0, 4)),
            drop: DropPresenter::of($candidate, $this->rankedBox->situation),
            cadenceWord: ucfirst($candidate->cadence?->word() ?? ''),
            cadenceSteps: CadenceWords::of($candidate, $this->rankedBox->situation),
            ladder: $this->steps($pick),
            otherSchools: array_values(array_filter([$this->otherHole($pick), FallWords::other($candidate, $this->rankedBox->situation)])),
        );
    }

    private function way(Pick $way): WayData
    {
        return new WayData(
            RankedBox::key($way), $this->names->way($way->candidate, $this->rankedBox->situation), $way->points,
            Points::plain($way->points),
        );
    }

    public static function reason(Reason $reason): ReasonData
    {
        return new ReasonData($reason->rule, $reason->points, Points::signed($reason->points), $reason->text);
    }

    private static function tying(Candidate $candidate): TyingData
    {
        return new TyingData((int) $candidate->lure->id, $candidate->hole()?->name, $candidate->cadence);
    }

    /** @return list<StepData> */
    private function steps(Pick $pick): array
    {
        // Told in minutes without a bite, which have begun for what is on the line.
        $blank = 60 * $this->rankedBox->day->blank(Day::way($pick->candidate));
        $steps = Ladder::over(
            $this->rankedBox->ranked, $this->rankedBox->day, $this->rankedBox->situation->vertical(),
        )->steps($pick, self::STEPS);

        return array_map(fn (Change $change, int $i): StepData => new StepData(
            key: RankedBox::key($change->to),
            words: $this->names->change($change),
            minutes: (int) round($change->afterMinutes + ($i === 0 ? $blank : 0.0)),
            hardly: $change->isHardlyWorthIt(),
            title: $this->names->title($change->to->candidate->lure),
            subtitle: $this->names->way($change->to->candidate, $this->rankedBox->situation),
            tying: self::tying($change->to->candidate),
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

    private function otherHole(Pick $pick): ?string
    {
        $situation = $this->rankedBox->situation;
        $schools = $situation->schools->withOtherHole();
        $theirs = $this->rankedBox->chooser->holeFor($situation->with(schools: $schools), $pick->candidate->lure);

        return $theirs === null || $theirs->name === $pick->candidate->hole()?->name
            ? null
            : Words::of('{hole} would use the {theirs} hole.', hole: ucfirst($schools->hole->word()), theirs: $theirs->name);
    }
}
