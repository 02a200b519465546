<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Balance\Hang;
use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Drop\Fall;
use Eskith\Core\Drop\RestingLine;
use Eskith\Core\Tackle\Attitude;
use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Units\Constants;

/** Ranks every lure × hole × cadence of a box for a situation. */
final readonly class Chooser
{
    public function __construct(private RuleBook $book)
    {
    }

    /**
     * @param  list<Lure>  $box  in the angler's own order
     * @return list<Pick> best first; ties by fewer changes, then lighter, box order, hole from the nose, cadence
     */
    public function rank(Situation $situation, array $box, ?TiedOn $tiedOn = null): array
    {
        $angles = array_map(fn (Lure $lure): ?float => self::lineAngle($situation, $lure), $box);
        $working = self::workingKg($situation, $box, $angles);
        $rules = [
            $this->book->speaking(Scope::Lure, $situation),
            $this->book->speaking(Scope::Hole, $situation),
            $this->book->speaking(Scope::Cadence, $situation),
        ];
        $picks = [];
        $order = [[], [], [], [], [], []];
        $cadences = Cadence::cases();
        $byCadence = [];
        foreach ($box as $i => $lure) {
            $bare = new Candidate($lure, $working, $angles[$i], $situation->stretch !== null);
            $ofLure = $this->judge($rules[0], $situation, $bare);
            $pointsOfLure = self::sum($ofLure);
            $weighed = round($lure->massKg / Lure::SAME_KG);
            $ofCadence = [];
            foreach ($cadences as $c => $cadence) {
                if ($cadence->fits($lure, $situation->vertical())) {
                    $byCadence[$c] ??= $this->judged($rules[2], $situation, $bare->worked($cadence));
                    $ofCadence[$c] = $byCadence[$c];
                }
            }
            foreach ($lure->holes === [] ? [null] : array_keys($lure->holes) as $hole) {
                $hung = self::hang($situation, $bare, $hole);
                $ofHole = $this->judge($rules[1], $situation, $hung);
                $points = $pointsOfLure + self::sum($ofHole);
                foreach ($ofCadence as $c => [$reasons, $pointsOfCadence]) {
                    $pick = new Pick($hung->worked($cadences[$c]), $points + $pointsOfCadence, $ofLure + $ofHole + $reasons);
                    $order[0][] = -$pick->points;
                    $order[1][] = $tiedOn?->changesTo($pick->candidate) ?? 0;
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

    /**
     * The lure that rank() would put first, found without ranking every way to fish it: points add up, so that the best
     * hole and the best cadence are found each by itself.
     *
     * @param  list<Lure>  $box  in the angler's own order
     */
    public function top(Situation $situation, array $box, ?TiedOn $tiedOn = null): ?Lure
    {
        $angles = array_map(fn (Lure $lure): ?float => self::lineAngle($situation, $lure), $box);
        $working = self::workingKg($situation, $box, $angles);
        [$ofLure, $ofHole, $ofCadence] = array_map(fn (Scope $scope): array => $this->book->speaking($scope, $situation), [Scope::Lure, Scope::Hole, Scope::Cadence]);
        $byCadence = [];
        $top = null;
        $best = [-INF, 0, 0.0];
        foreach ($box as $i => $lure) {
            $bare = new Candidate($lure, $working, $angles[$i], $situation->stretch !== null);
            [$cadence, $otherCadence] = $this->bestCadence($situation, $bare, $ofCadence, $byCadence, $tiedOn);
            if ($cadence === null) {
                continue;
            }
            [$hole, $otherHole] = $this->bestHole($situation, $bare, $ofHole, $tiedOn);
            $points = self::sum($this->judge($ofLure, $situation, $bare)) + $hole + $cadence;
            $changes = $tiedOn === null ? 0 : $tiedOn->changesOfLure($lure) + $otherHole + $otherCadence;
            $standing = [$points, -$changes, -round($lure->massKg / Lure::SAME_KG)];
            if ($standing > $best) {
                [$top, $best] = [$lure, $standing];
            }
        }

        return $top;
    }

    /**
     * @param  array<int, Rule>  $rules
     * @param  array<string, float>  $known  points by cadence, filled
     * @return array{float|null, int} points of the best, and 1 when none of the best is what is tied on; null when the lure cannot be worked
     */
    private function bestCadence(Situation $situation, Candidate $bare, array $rules, array &$known, ?TiedOn $tiedOn): array
    {
        $best = null;
        $other = 1;
        foreach (Cadence::cases() as $cadence) {
            if ($cadence->fits($bare->lure, $situation->vertical())) {
                $points = $known[$cadence->value] ??= self::sum($this->judge($rules, $situation, $bare->worked($cadence)));
                $others = (int) ($tiedOn?->cadence !== $cadence->value);
                [$best, $other] = $best === null || $points > $best ? [$points, $others] : ($points === $best ? [$best, min($other, $others)] : [$best, $other]);
            }
        }

        return [$best, $other];
    }

    /**
     * @param  array<int, Rule>  $rules
     * @return array{float, int} points of the best, and 1 when none of the best is what is tied on
     */
    private function bestHole(Situation $situation, Candidate $bare, array $rules, ?TiedOn $tiedOn): array
    {
        $best = -INF;
        $other = 1;
        foreach ($bare->lure->holes === [] ? [null] : array_keys($bare->lure->holes) as $hole) {
            $hung = self::hang($situation, $bare, $hole);
            $points = self::sum($this->judge($rules, $situation, $hung));
            $others = (int) ($tiedOn?->hole !== $hung->hole()?->name);
            [$best, $other] = $points > $best ? [$points, $others] : ($points === $best ? [$best, min($other, $others)] : [$best, $other]);
        }

        return [$best, $other];
    }

    /**
     * The hole of each lure that the rules for holes put first, from the nose on a tie; null for a lure without.
     *
     * @param  list<Lure>  $lures
     * @return list<Hole|null> in the same order
     */
    public function bestHoles(Situation $situation, array $lures): array
    {
        $rules = $this->book->speaking(Scope::Hole, $situation);

        return array_map(function (Lure $lure) use ($rules, $situation): ?Hole {
            $bare = new Candidate($lure, $lure->massKg, null, false);
            $best = null;
            $most = -INF;
            foreach ($lure->holes as $index => $hole) {
                $points = self::sum($this->judge($rules, $situation, self::hang($situation, $bare, $index)));
                if ($points > $most) {
                    [$best, $most] = [$hole, $points];
                }
            }

            return $best;
        }, $lures);
    }

    /** @param  array<int, Reason>  $reasons */
    private static function sum(array $reasons): float
    {
        $points = 0.0;
        foreach ($reasons as $reason) {
            $points += $reason->points;
        }

        return $points;
    }

    /**
     * @param  array<int, Rule>  $rules
     * @return array{array<int, Reason>, float} reasons and their sum
     */
    private function judged(array $rules, Situation $situation, Candidate $candidate): array
    {
        $reasons = $this->judge($rules, $situation, $candidate);

        return [$reasons, self::sum($reasons)];
    }

    /**
     * @param  array<int, Rule>  $rules  by their place in the order
     * @return array<int, Reason> by the same
     */
    private function judge(array $rules, Situation $situation, Candidate $candidate): array
    {
        $found = [];
        foreach ($rules as $place => $rule) {
            $verdict = $rule->judge($situation, $candidate);
            if ($verdict !== null) {
                $found[$place] = new Reason($rule->id, $verdict->points * $this->book->weight($rule), $verdict->text);
            }
        }

        return $found;
    }

    /** A lure on one of its holes in a situation, with what the drop says of it, outside any ranking. */
    public static function hung(Situation $situation, Lure $lure, ?int $hole): Candidate
    {
        return self::hang($situation, new Candidate($lure, $lure->massKg, self::lineAngle($situation, $lure), $situation->stretch !== null), $hole);
    }

    private static function hang(Situation $situation, Candidate $bare, ?int $hole): Candidate
    {
        $lure = $bare->lure;
        $at = $hole === null ? null : $lure->holes[$hole];
        $angle = Hang::ofLure($lure, $at);
        $seconds = $situation->depth === null ? null : Fall::of($lure->body, self::falling($lure, $at, $angle), $situation->depth)->seconds;

        return $bare->on($hole, $angle, $seconds);
    }

    /** How a lure falls from a hole: as timed, else as usual for its family. */
    public static function falling(Lure $lure, ?Hole $hole, ?float $hangDeg): Attitude
    {
        $measured = $lure->measuredDrag[$hole->name ?? ''] ?? null;

        return $measured === null ? Attitude::usual($lure->family, $hangDeg) : Attitude::measured($measured);
    }

    /** Null when depth or flow was not read, or the line would be longer than twelve depths. */
    private static function lineAngle(Situation $situation, Lure $lure): ?float
    {
        return $situation->stretch === null ? null : RestingLine::of($lure->body, $situation->stretch)->lineAngleDeg;
    }

    /**
     * @param  list<Lure>  $box
     * @param  list<float|null>  $angles
     */
    private static function workingKg(Situation $situation, array $box, array $angles): float
    {
        $start = WeightSteps::startKg($situation->aim);
        if (! $situation->vertical() || $situation->stretch === null || $box === []) {
            return $start;
        }
        $bream = $situation->aim->species === \Eskith\Core\Care\Species::Bream;
        $counting = array_filter($box, static fn (Lure $lure): bool => $lure->isVibe() === $bream) ?: $box;
        $holding = array_filter($counting, static fn (Lure $lure, int $i): bool => $angles[$i] !== null && abs($angles[$i]) <= Constants::VERTICAL_LIMIT_DEG, ARRAY_FILTER_USE_BOTH);
        $masses = array_map(static fn (Lure $lure): float => $lure->massKg, $holding ?: $counting);

        return $holding === [] ? max($masses) : max($start, min($masses));
    }
}
