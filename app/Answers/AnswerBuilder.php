<?php

declare(strict_types=1);

namespace App\Answers;

use App\Data\AnswerData;
use App\Data\PickData;
use App\Data\ReasonData;
use App\Data\WayData;
use App\Models\Lure as LureRow;
use App\Models\User;
use App\Readings\ReadingBook;
use App\Record\Logbook;
use Eskith\Core\Care\Cautions;
use Eskith\Core\Choosing\Chooser;
use Eskith\Core\Choosing\Ladder;
use Eskith\Core\Choosing\Pick;
use Eskith\Core\Choosing\Reason;
use Eskith\Core\Choosing\RuleBook;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\Spoken;
use Eskith\Core\Choosing\TiedOn;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Support\Collection;

/** Asks the core what to tie on for an angler's readings and box, and puts the answer into words and drawings. */
final readonly class AnswerBuilder
{
    /** Lures listed. */
    private const LISTED = 12;

    /** m: the line taken while the angler has none. */
    private const USUAL_LINE_M = 0.00022;

    /**
     * The answer for today's readings, overlaid by those that are only tried, and for what is tied on.
     *
     * @param  array<array-key, mixed>  $tried  name => text
     *
     * @throws InvalidInput when a tried reading cannot be used
     */
    public function today(User $user, array $tried = [], ?string $wanted = null): AnswerData
    {
        return $this->build($user, ReadingBook::of($user, $tried), $wanted, Logbook::of($user)->tiedOn());
    }

    public function build(User $user, ReadingBook $book, ?string $wanted = null, ?TiedOn $tiedOn = null): AnswerData
    {
        $rows = $user->lures()->whereNull('retired_at')->orderBy('position')->orderBy('id')->get()->keyBy('id');
        $box = array_values($rows->map(LureReader::lure(...))->all());
        $situation = $book->situation($user->lines()->where('in_use', true)->value('diameter_m') ?? self::USUAL_LINE_M);
        $chooser = new Chooser(RuleBook::standard());
        $ranked = $chooser->rank($situation, $box, $tiedOn);
        $ladder = Ladder::over($ranked);
        $spoken = new Spoken($situation);
        [$headline, $lead] = $spoken->answer($ranked, $box);
        $byLure = self::byLure($ranked);
        $others = self::otherSchools($chooser, $situation, $box);
        $picks = [];
        foreach (array_slice($byLure, 0, self::LISTED, true) as $ways) {
            $picks[] = $this->pick($ways[0], $ways, $situation, $ladder, $rows, $others);
        }
        $chosen = $wanted === null ? null : self::find($ranked, $wanted);

        return new AnswerData(
            ReadingPresenter::all($book),
            http_build_query($book->texts()),
            $book->overlaid,
            $headline, $lead,
            Cautions::of($book->likes->units, $situation->water->tempC, $situation->water->depthM, $situation->water->windMs),
            RuleBook::standard()->mostWanted($situation)?->value,
            count($box),
            $picks,
            $chosen === null || in_array(self::key($chosen), array_map(static fn (PickData $pick): string => $pick->key, $picks), true)
                ? null
                : $this->pick($chosen, $byLure[$chosen->candidate->lure->id], $situation, $ladder, $rows, $others),
            (new ColumnPresenter)->of($user, $book, $situation),
        );
    }

    /** "lure.hole.cadence" */
    public static function key(Pick $pick): string
    {
        $candidate = $pick->candidate;

        return $candidate->lure->id.'.'.($candidate->hole()->name ?? '').'.'.($candidate->cadence->value ?? '');
    }

    /**
     * @param  list<Pick>  $ways  every way to fish this lure, best first
     * @param  Collection<int, LureRow>  $rows
     * @param  array<string, list<Pick>>  $others  rankings by the other school, under its name
     */
    private function pick(Pick $pick, array $ways, Situation $situation, Ladder $ladder, Collection $rows, array $others): PickData
    {
        $candidate = $pick->candidate;
        $spoken = new Spoken($situation);
        $row = $rows->get((int) $candidate->lure->id) ?? throw new \LogicException('A pick is always of the box.');
        $sum = static fn (int $sign): float => array_sum(array_map(static fn (Reason $reason): float => max(0.0, $sign * $reason->points), $pick->reasons));
        $otherWays = array_values(array_filter($ways, static fn (Pick $way): bool => $way !== $pick));

        return new PickData(
            self::key($pick), $row->id, $candidate->hole()?->name, $candidate->cadence->value ?? '',
            $spoken->title($candidate->lure), $spoken->way($candidate), $spoken->lure($candidate->lure), LureReader::drawing($row), $candidate->holeIndex,
            $pick->points, $sum(1), $sum(-1),
            array_map(static fn (Reason $reason): ReasonData => new ReasonData($reason->rule, $reason->points, self::signed($reason->points), $reason->text), self::weightiestFirst($pick->reasons)),
            array_map(static fn (Pick $way): WayData => new WayData(self::key($way), $spoken->way($way->candidate), $way->points, self::signed($way->points)), array_slice($otherWays, 0, 4)),
            DropPresenter::of($candidate, $situation),
            ucfirst($candidate->cadence?->word() ?? ''),
            CadenceWords::of($candidate, $situation),
            ...self::patience($pick, $ladder, $spoken),
            otherSchool: self::otherSchool($pick, $others),
        );
    }

    /**
     * @param  list<Pick>  $ranked
     * @return array<int|string, non-empty-list<Pick>> by lure
     */
    private static function byLure(array $ranked): array
    {
        $byLure = [];
        foreach ($ranked as $pick) {
            $byLure[$pick->candidate->lure->id][] = $pick;
        }

        return $byLure;
    }

    /** @param list<Pick> $ranked */
    private static function find(array $ranked, string $key): ?Pick
    {
        foreach ($ranked as $pick) {
            if (self::key($pick) === $key) {
                return $pick;
            }
        }

        return null;
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

    private static function signed(float $points): string
    {
        return ($points > 0 ? '+' : ($points < 0 ? '−' : '')).rtrim(rtrim(number_format(abs($points), 2, '.', ''), '0'), '.');
    }

    /** @return array{patience: string, patienceMin: int|null, changeWords: string} */
    private static function patience(Pick $pick, Ladder $ladder, Spoken $spoken): array
    {
        $change = $ladder->next($pick);
        if ($change === null) {
            return ['patience' => 'There is nothing else in the box to change to.', 'patienceMin' => null, 'changeWords' => ''];
        }
        $minutes = (int) round($ladder->patienceMinutes($pick));
        $then = $spoken->change($change);

        $said = $minutes < 3 ? "As good a bet: {$then} as soon as you like." : "No touch in {$minutes} min? ".ucfirst($then).' first.';

        return ['patience' => $said, 'patienceMin' => $minutes, 'changeWords' => $then];
    }

    /**
     * @param  list<Lure>  $box
     * @return array<string, list<Pick>>
     */
    private static function otherSchools(Chooser $chooser, Situation $situation, array $box): array
    {
        return ['hole' => $chooser->rank($situation->with(schools: $situation->schools->withOtherHole()), $box)];
    }

    /** @param array<string, list<Pick>> $others */
    private static function otherSchool(Pick $pick, array $others): ?string
    {
        $hole = $pick->candidate->hole()?->name;
        foreach ($others['hole'] as $other) {
            if ($other->candidate->lure->id === $pick->candidate->lure->id) {
                $theirs = $other->candidate->hole()?->name;

                return $theirs === null || $theirs === $hole ? null : "The other school would use the {$theirs} hole with this lure.";
            }
        }

        return null;
    }
}
