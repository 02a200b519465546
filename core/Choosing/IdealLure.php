<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Finish;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Words\Words;

/** What a box lacks: the lure that would do best in a situation, of every usual weight, family and finish. */
final readonly class IdealLure
{
    /** A box is unsuitable when its best is expected to be touched less than this share as often as what would do. */
    private const SHARE = 0.25;

    private function __construct(public Lure $lure, public float $points)
    {
    }

    public static function best(Chooser $chooser, Situation $situation): self
    {
        $bodies = [];
        $series = WeightSteps::series($situation->aim->species);
        foreach (Family::cases() as $family) {
            foreach ($series as $kg) {
                $bodies[] = Lure::of("{$family->value} {$kg}", $family, $kg, 'plain');
            }
        }
        $body = $chooser->top($situation, $bodies) ?? $bodies[0];
        // Points for the finish do not hang on family or weight.
        $painted = array_map(
            static fn (Finish $finish): Lure => Lure::of($finish->value, $body->family, $body->massKg, $finish->value),
            Finish::cases(),
        );
        [$lure, $points] = $chooser->best($situation, $painted);

        return new self($lure ?? $body, $points);
    }

    /** Whether a box whose best pick this is has nothing suitable. */
    public function shames(Pick $first): bool
    {
        return Expected::times($first->points - $this->points) < self::SHARE;
    }

    /**
     * What of it the box does not have at all, in a word or two: the family, else the weight, else the finish.
     *
     * @param  list<Lure>  $box
     */
    public function missing(array $box, LureNames $names): string
    {
        $kind = LureNames::family($this->lure);
        $alike = array_filter($box, static fn (Lure $lure): bool => LureNames::family($lure) === $kind);
        $weighing = array_filter($alike, fn (Lure $lure): bool => abs($lure->massKg - $this->lure->massKg) < 0.15 * $this->lure->massKg);

        return match (true) {
            $alike === [] => $kind,
            $weighing === [] => Words::of('{kind} of {mass}', kind: $kind, mass: $names->weight($this->lure->massKg)),
            default => Finish::word($this->lure->finish)." {$kind}",
        };
    }
}
