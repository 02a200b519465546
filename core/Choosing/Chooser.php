<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Balance\Hang;
use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Drop\Fall;
use Eskith\Core\Drop\RestingLine;
use Eskith\Core\Tackle\Attitude;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Units\Constants;

/** Ranks every lure × hole × cadence of a box for a situation. */
final readonly class Chooser
{
    public function __construct(private RuleBook $book) {}

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
        $keys = [];
        foreach ($box as $i => $lure) {
            $bare = new Candidate($lure, $working, $angles[$i], $situation->stretch !== null);
            $ofLure = $this->judge($rules[0], $situation, $bare);
            $ofCadence = [];
            foreach (Cadence::cases() as $c => $cadence) {
                if ($cadence->fits($lure, $situation->vertical())) {
                    $ofCadence[$c] = $this->judge($rules[2], $situation, $bare->worked($cadence));
                }
            }
            foreach ($lure->holes === [] ? [null] : array_keys($lure->holes) as $hole) {
                $hung = self::hang($situation, $bare, $hole);
                $ofHole = $this->judge($rules[1], $situation, $hung);
                foreach ($ofCadence as $c => $reasons) {
                    $pick = $this->pick($hung->worked(Cadence::cases()[$c]), [...$ofLure, ...$ofHole, ...$reasons]);
                    $keys[] = [-$pick->points, $tiedOn?->changesTo($pick->candidate) ?? 0, round($lure->massKg / Lure::SAME_KG), $i, $hole ?? 0, $c];
                    $picks[] = $pick;
                }
            }
        }
        asort($keys);

        return array_map(static fn (int $at): Pick => $picks[$at], array_keys($keys));
    }

    /** @param list<array{int, Reason}> $found rule order, reason */
    private function pick(Candidate $candidate, array $found): Pick
    {
        $points = 0.0;
        foreach ($found as [, $reason]) {
            $points += $reason->points;
        }
        usort($found, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return new Pick($candidate, $points, array_column($found, 1));
    }

    /**
     * @param  array<int, Rule>  $rules  by their place in the order
     * @return list<array{int, Reason}>
     */
    private function judge(array $rules, Situation $situation, Candidate $candidate): array
    {
        $found = [];
        foreach ($rules as $place => $rule) {
            $verdict = $rule->judge($situation, $candidate);
            if ($verdict !== null) {
                $found[] = [$place, new Reason($rule->id, $verdict->points * $this->book->weight($rule), $verdict->text)];
            }
        }

        return $found;
    }

    private static function hang(Situation $situation, Candidate $bare, ?int $hole): Candidate
    {
        $lure = $bare->lure;
        $at = $hole === null ? null : $lure->holes[$hole];
        $angle = Hang::ofLure($lure, $at);
        $measured = $lure->measuredDrag[$at->name ?? ''] ?? null;
        $attitude = $measured === null ? Attitude::usual($lure->family, $angle) : Attitude::measured($measured);
        $seconds = $situation->stretch === null ? null : Fall::of($lure->body, $attitude, $situation->stretch)->seconds;

        return $bare->on($hole, $angle, $seconds);
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
