<?php

declare(strict_types=1);

namespace App\Answers;

use App\Data\AnswerData;
use App\Data\PickData;
use App\Data\RackData;
use App\Data\ReasonData;
use App\Data\WayData;
use App\Models\Lure as LureRow;
use App\Models\Outing;
use App\Models\Setup;
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
use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Support\Collection;

/** Asks the core what to tie on for an angler's readings and box, and puts the answer into words and drawings. */
final readonly class AnswerBuilder
{
    /** Lures listed. */
    private const LISTED = 10;

    /**
     * The answer for today's readings, overlaid by those that are only tried, and for what is tied on.
     *
     * @param  array<array-key, mixed>  $tried  name => text
     *
     * @throws InvalidInput when a tried reading cannot be used
     */
    public function today(User $user, array $tried = [], ?string $wanted = null): AnswerData
    {
        $logbook = Logbook::of($user);
        $outing = $logbook->underWay();

        return $this->build($user, ReadingBook::of($user, $tried), $outing, $wanted, $outing === null ? null : $logbook->setup($outing));
    }

    public function build(User $user, ReadingBook $book, ?Outing $outing, ?string $wanted, ?Setup $setup): AnswerData
    {
        $rows = $user->lures()->whereNull('retired_at')->orderBy('position')->orderBy('id')->get()->keyBy('id');
        $box = self::different($rows, $book, $setup?->lure_id);
        $situation = $book->situation(LineInUse::diameterM($user));
        $chooser = new Chooser(RuleBook::standard());
        $ranked = $chooser->rank($situation, $box, self::tiedOn($box, $setup));
        $ladder = Ladder::over($ranked);
        $spoken = new Spoken($situation);
        [$headline, $lead] = $spoken->answer($ranked, $box);
        $byLure = self::byLure($ranked);
        $listed = array_slice($byLure, 0, self::LISTED, true);
        $other = $situation->with(schools: $situation->schools->withOtherHole());
        $theirs = $chooser->bestHoles($other, array_values(array_map(static fn (array $ways): Lure => $ways[0]->candidate->lure, $listed)));
        $picks = [];
        foreach (array_values($listed) as $place => $ways) {
            $picks[] = $this->pick($ways[0], $ways, $situation, $ladder, $rows, $theirs[$place]);
        }
        $chosen = $wanted === null ? null : self::find($ranked, $wanted);

        return new AnswerData(
            ReadingPresenter::all($book),
            http_build_query($book->texts()),
            $book->overlaid,
            $headline, $lead,
            Cautions::of($book->likes->units, $situation->water->tempC, $situation->water->depthM, $situation->water->windMs),
            $book->signs(),
            RuleBook::standard()->mostWanted($situation)?->value,
            $rows->count(),
            $picks,
            $chosen === null || in_array(self::key($chosen), array_map(static fn (PickData $pick): string => $pick->key, $picks), true)
                ? null
                : $this->pick($chosen, $byLure[$chosen->candidate->lure->id], $situation, $ladder, $rows, $chooser->bestHoles($other, [$chosen->candidate->lure])[0]),
            (new ColumnPresenter)->of($user, $book, $situation, $outing, ($chosen ?? $ranked[0] ?? null)?->candidate),
            self::rack($byLure, $spoken),
            FeedPresenter::of($user->feed()->first()),
        );
    }

    /**
     * One of each: several of the same are the same choice. What is tied on stands for its like.
     *
     * @param  Collection<int, LureRow>  $rows
     * @return list<Lure>
     */
    private static function different(Collection $rows, ReadingBook $book, ?int $standing): array
    {
        $box = [];
        foreach ($rows as $id => $row) {
            $raw = $row->getAttributes();
            $alike = implode('|', [
                $raw['family'], $raw['mass_kg'], $raw['finish'], $raw['red_near_hooks'], $raw['holes'], $raw['balance_x'], $raw['balance_y'],
                $book->measured->knows($id) ? $id : '',
            ]);
            if (! isset($box[$alike]) || $id === $standing) {
                $box[$alike] = LureReader::lure($row, $book->measured);
            }
        }

        return array_values($box);
    }

    /** @param  list<Lure>  $box */
    private static function tiedOn(array $box, ?Setup $setup): ?TiedOn
    {
        foreach ($box as $lure) {
            if ($setup !== null && $lure->id === (string) $setup->lure_id) {
                return new TiedOn($lure, $setup->hole, $setup->cadence);
            }
        }

        return null;
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
     * @param  Hole|null  $theirs  what the other school would use
     */
    private function pick(Pick $pick, array $ways, Situation $situation, Ladder $ladder, Collection $rows, ?Hole $theirs): PickData
    {
        $candidate = $pick->candidate;
        $spoken = new Spoken($situation);
        $row = $rows->get((int) $candidate->lure->id) ?? throw new \LogicException('A pick is always of the box.');
        $reasons = $pick->reasons();
        $sum = static fn (int $sign): float => array_sum(array_map(static fn (Reason $reason): float => max(0.0, $sign * $reason->points), $reasons));
        $otherWays = array_values(array_filter($ways, static fn (Pick $way): bool => $way !== $pick));

        return new PickData(
            self::key($pick), $row->id, $row->mass_kg, $candidate->hole()?->name, $candidate->cadence->value ?? '',
            $spoken->title($candidate->lure), $spoken->way($candidate), $spoken->lure($candidate->lure), LureReader::drawing($row, $candidate->lure), $candidate->holeIndex,
            $pick->points, $sum(1), $sum(-1),
            array_map(static fn (Reason $reason): ReasonData => new ReasonData($reason->rule, $reason->points, self::signed($reason->points), $reason->text), self::weightiestFirst($reasons)),
            array_map(static fn (Pick $way): WayData => new WayData(self::key($way), $spoken->way($way->candidate), $way->points, self::signed($way->points)), array_slice($otherWays, 0, 4)),
            DropPresenter::of($candidate, $situation),
            ucfirst($candidate->cadence?->word() ?? ''),
            CadenceWords::of($candidate, $situation),
            ...self::patience($pick, $ladder, $spoken),
            otherSchool: self::otherSchool($pick, $theirs),
        );
    }

    /**
     * @param  array<int|string, non-empty-list<Pick>>  $byLure
     * @return list<RackData>
     */
    private static function rack(array $byLure, Spoken $spoken): array
    {
        return array_values(array_map(static function (array $ways) use ($spoken): RackData {
            $lure = $ways[0]->candidate->lure;

            return new RackData(
                self::key($ways[0]), $spoken->title($lure), $lure->massKg, $lure->family->value, $lure->finish,
                array_map(static fn (Hole $hole): string => $hole->name, $lure->holes),
            );
        }, $byLure));
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

    /** @param  list<Pick>  $ranked */
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

    private static function otherSchool(Pick $pick, ?Hole $theirs): ?string
    {
        return $theirs === null || $theirs->name === $pick->candidate->hole()?->name ? null : "The other school would use the {$theirs->name} hole with this lure.";
    }
}
