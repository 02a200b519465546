<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Balance\Hang;
use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Drop\RestingLine;
use Eskith\Core\Drop\WaterColumn;
use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Tackle\Mass;
use Eskith\Core\Units\Constants;

/** Ranks every lure × hole × cadence of a box for a situation. */
final readonly class Chooser
{
    /** @var \WeakMap<Situation, Judge> those who judge without words, which is much quicker, by what they judge for */
    private \WeakMap $quiet;

    /** @var \WeakMap<Situation, array{list<Lure>, list<Candidate>}> a box as it leans, by where it does */
    private \WeakMap $leaning;

    /** Points by which more is left in than has to be, since sums are rounded. */
    private const GENEROUS = 0.1;

    public function __construct(public RuleBook $book)
    {
        $this->quiet = new \WeakMap;
        $this->leaning = new \WeakMap;
    }

    /**
     * @param  list<Lure>  $box  in the angler's own order
     * @return list<Pick> best first; ties by fewer changes, then lighter, box order, hole from the nose, cadence
     */
    public function rank(Situation $situation, array $box, ?TiedOn $tiedOn = null): array
    {
        $judge = $this->quiet($situation);
        $judgeAloud = null;
        $aloud = function (Candidate $candidate) use (&$judgeAloud, $situation): array {
            $judgeAloud ??= new Judge($this->book, $situation);

            return $judgeAloud->reasons($candidate);
        };
        $picks = [];
        $order = [[], [], [], [], [], []];
        $cadences = [];
        foreach ($this->bare($situation, $box) as $i => $bare) {
            $lure = $bare->lure;
            $ofLure = $judge->lure($bare);
            $ofOther = $tiedOn?->changesOfLure($lure) ?? 0;
            $weighed = Mass::rank($lure->massKg);
            $fitting = $cadences[Cadence::sort($lure)] ??= Cadence::fitting($lure, $situation->where());
            $parts = $judge->together->ofLure($lure);
            foreach ($lure->holes === [] ? [null] : array_keys($lure->holes) as $hole) {
                [$hung, $ofHole] = $judge->hole($bare, $hole);
                $changed = $ofOther + (int) ($tiedOn !== null && $tiedOn->hole !== $hung->hole()?->name);
                $held = $ofLure->points + $ofHole->points;
                $brought = $judge->together->withHole($parts, $hung->hole());
                foreach ($fitting as $c => $cadence) {
                    $ofCadence = $judge->cadence($bare, $cadence);
                    $worked = $hung->worked($cadence);
                    $ofAll = $judge->together->judged($brought, $cadence);
                    $judged = [$ofLure, $ofHole, $ofCadence, $ofAll];
                    $pick = new Pick($worked, $held + $ofCadence->points + $ofAll->points, $judged, $aloud);
                    $order[0][] = -$pick->points;
                    $order[1][] = $changed + (int) ($tiedOn !== null && $tiedOn->cadence !== $cadence);
                    $order[2][] = $weighed;
                    $order[3][] = $i;
                    $order[4][] = $hole ?? 0;
                    $order[5][] = $c;
                    $picks[] = $pick;
                }
            }
        }
        $places = array_keys($picks);
        array_multisort(...[...$order, &$places]);

        return array_map(static fn (int $at): Pick => $picks[$at], $places);
    }

    /** @param  list<Lure>  $box  in the angler's own order */
    public function top(Situation $situation, array $box, ?TiedOn $tiedOn = null): ?Lure
    {
        return $this->best($situation, $box, $tiedOn)[0];
    }

    /**
     * The same for a situation in which only these readings are others than in one that was looked at before: what they cannot
     * touch is not judged again.
     *
     * @param  list<Reading>  $moved
     * @param  list<Lure>  $box  in the angler's own order
     * @param  Lure|null  $likely  of the box; looked at first, which makes it quicker where it stays on top
     */
    public function topMoved(
        Situation $now, Situation $there, array $moved, array $box, ?TiedOn $tiedOn = null, ?Lure $likely = null,
    ): ?Lure {
        $this->quiet[$there] ??= $this->quiet($now)->moved($there->unspoken(), $moved);
        if (array_filter($moved, Scope::lineHangsOn(...)) === []) {
            $this->leaning[$there] = [$box, $this->bare($now, $box)];
        }

        return $this->best($there, $box, $tiedOn, $likely)[0];
    }

    /**
     * The lure that rank() would put first and the points of its best way, found without ranking every way to fish it: what
     * cannot come up to the best so far is left out.
     *
     * @param  list<Lure>  $box  in the angler's own order
     * @param  Lure|null  $likely  of the box; looked at first
     * @return array{Lure|null, float} null and −INF when none can be worked
     */
    public function best(Situation $situation, array $box, ?TiedOn $tiedOn = null, ?Lure $likely = null): array
    {
        $judge = $this->quiet($situation);
        $top = null;
        $best = [-INF, 0, 0.0, 0];
        $candidates = $this->bare($situation, $box);
        $likeliest = array_search($likely, $box, true);
        foreach ($likeliest === false ? $candidates : [$likeliest => $candidates[$likeliest]] + $candidates as $place => $bare) {
            $lure = $bare->lure;
            $ofLure = $judge->points($bare);
            $ways = $judge->ways($bare);
            $reach = ($ways[0][1] ?? -INF) + self::GENEROUS;
            if ($ofLure + $judge->mostOnAnyHole($bare) + $reach + $judge->together->most($lure) < $best[0]) {
                continue;
            }
            $ofOther = $tiedOn?->changesOfLure($lure) ?? 0;
            $weighed = -Mass::rank($lure->massKg);
            $parts = $judge->together->ofLure($lure);
            foreach ($lure->holes === [] ? [null] : array_keys($lure->holes) as $hole) {
                $at = $hole === null ? null : $lure->holes[$hole];
                $changed = $ofOther + (int) ($tiedOn !== null && $tiedOn->hole !== $at?->name);
                $held = $ofLure + $judge->pointsOn($bare, $hole);
                $brought = $judge->together->withHole($parts, $at);
                $together = $judge->together->mostOn($brought) + self::GENEROUS;
                foreach ($ways as [$cadence, $ofCadence]) {
                    if ($held + $ofCadence + $together < $best[0]) {
                        break;
                    }
                    $points = $held + $ofCadence + $judge->together->judged($brought, $cadence)->points;
                    $other = (int) ($tiedOn !== null && $tiedOn->cadence !== $cadence);
                    $standing = [$points, -$changed - $other, $weighed, -$place];
                    if ($standing > $best) {
                        [$top, $best] = [$lure, $standing];
                    }
                }
            }
        }

        return [$top, $best[0]];
    }

    /**
     * Each lure not yet on a hole, with its line angle and the weight that the day asks for.
     *
     * @param  list<Lure>  $box
     * @return list<Candidate>
     */
    private function bare(Situation $situation, array $box): array
    {
        $known = $this->leaning[$situation] ?? null;
        if ($known === null || $known[0] !== $box) {
            $this->leaning[$situation] = $known = [$box, self::leaningAll($situation, $box)];
        }

        return $known[1];
    }

    /**
     * @param  list<Lure>  $box
     * @return list<Candidate>
     */
    private static function leaningAll(Situation $situation, array $box): array
    {
        $byMake = [];
        $angles = [];
        foreach ($box as $lure) {
            $angles[] = $byMake[$lure->make] ??= self::lineAngles($situation, $lure);
        }
        $working = self::workingKg($situation, $box, $angles);

        return array_map(
            static fn (Lure $lure, array $leans): Candidate => self::leaning($situation, $lure, $working, $leans), $box, $angles,
        );
    }

    /** The hole of a lure that the rules for holes put first, from the nose on a tie; null for a lure without. */
    public function holeFor(Situation $situation, Lure $lure): ?Hole
    {
        $judge = $this->quiet($situation);
        $bare = Candidate::bare($lure, $lure->massKg, null, false);
        $best = null;
        $most = -INF;
        foreach ($lure->holes as $index => $hole) {
            $points = $judge->pointsOn($bare, $index);
            if ($points > $most) {
                [$best, $most] = [$hole, $points];
            }
        }

        return $best;
    }

    private function quiet(Situation $situation): Judge
    {
        return $this->quiet[$situation] ??= new Judge($this->book, $situation->unspoken());
    }

    /** A lure on one of its holes in a situation, with what the drop says of it, outside any ranking. */
    public static function hung(Situation $situation, Lure $lure, ?int $hole): Candidate
    {
        $at = $hole === null ? null : $lure->holes[$hole];
        $angle = Hang::ofLure($lure, $at);

        return self::leaning($situation, $lure, $lure->massKg, self::lineAngles($situation, $lure))
            ->on($hole, $angle, Falling::seconds($situation, $lure, $at, $angle));
    }

    /** @param  array{float|null, float|null}  $angles */
    private static function leaning(Situation $situation, Lure $lure, float $workingKg, array $angles): Candidate
    {
        return Candidate::bare($lure, $workingKg, $angles[0], $situation->column !== null, $angles[1], $situation->gustColumn !== null);
    }

    /**
     * Of the line as it is, and in the gusts. Null for a cast, where depth or flow was not read, and where the line would be
     * longer than twelve times as deep as the lure is.
     *
     * @return array{float|null, float|null}
     */
    private static function lineAngles(Situation $situation, Lure $lure): array
    {
        return array_map(
            static fn (?WaterColumn $column): ?float => $column === null || ! $situation->vertical()
                ? null
                : RestingLine::of($lure->body, $column)->lineAngleDeg,
            [$situation->column, $situation->gustColumn],
        );
    }

    /**
     * @param  list<Lure>  $box
     * @param  list<array{float|null, float|null}>  $angles  as they are, and in the gusts
     */
    private static function workingKg(Situation $situation, array $box, array $angles): float
    {
        $start = WeightSteps::startKg($situation->aim);
        if (! $situation->vertical() || $situation->column === null || $box === []) {
            return $start;
        }
        $counting = WeightSteps::counting($box, $situation->aim->species);
        $within = static fn (?float $angle, float $most): bool => $angle !== null && abs($angle) <= $most;
        $holding = array_filter(
            $counting, static fn (int $i): bool => $within($angles[$i][0], Constants::VERTICAL_LIMIT_DEG)
                && ($situation->gustColumn === null || $within($angles[$i][1], Constants::DRAGS_LIMIT_DEG)), ARRAY_FILTER_USE_KEY,
        );
        $masses = array_map(static fn (Lure $lure): float => $lure->massKg, $holding ?: $counting ?: $box);

        return $holding === [] ? max($masses) : max($start, min($masses));
    }
}
