<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Sensitivity;

use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Tackle\Finish;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Tackle\Mass;
use Eskith\Core\Words\Words;

/** Says what would change a choice, aloud and in short. */
final readonly class TippingWords
{
    private LureNames $names;

    public function __construct(private Situation $situation)
    {
        $this->names = new LureNames($situation->say);
    }

    /**
     * "Above 0.6 mph of drift: take the ⅝ oz."; choices that lead to the same lure share a sentence: "White bass, perch
     * or crappie sought: …".
     *
     * @param  non-empty-list<TippingPoint>  $alike  as alike() puts them together
     */
    public function sentence(array $alike, Lure $now): string
    {
        $last = array_pop($alike);
        $others = array_map(static fn (TippingPoint $tip): string => $tip->reading->naming((string) $tip->at), $alike);
        $where = $this->where($last);

        return Words::of(
            '{where}: {instead}.',
            where: $others === [] ? $where : Words::list([...$others, lcfirst($where)], 'or'), instead: $this->instead($now, $last->lure),
        );
    }

    /**
     * Choices that lead to the same lure together; measures each by itself.
     *
     * @param  list<TippingPoint>  $tips  of one reading
     * @return list<non-empty-list<TippingPoint>>
     */
    public static function alike(array $tips): array
    {
        $alike = [];
        foreach ($tips as $tip) {
            $alike[is_string($tip->at) ? $tip->lure->id : "{$tip->lure->id} {$tip->at}"][] = $tip;
        }

        return array_values($alike);
    }

    /** "> 0.6 mph: ⅝ oz", for the strip of readings. */
    public function short(TippingPoint $tip, Lure $now): string
    {
        $say = $this->situation->say;
        $at = is_string($tip->at)
            ? $tip->reading->naming($tip->at)
            : (self::isAbove($tip) ? '> ' : '< ').$tip->reading->figure($say, $tip->reading->isFlow() ? abs($tip->at) : $tip->at);

        return $at.': '.$this->shortly($now, $tip->lure);
    }

    /** What is taken in place of the first, by what sets the two apart. */
    public function instead(Lure $now, Lure $then): string
    {
        return match (true) {
            $this->sameKind($now, $then)
                && $now->finish === $then->finish
                && ! Mass::same($now->massKg, $then->massKg) => Words::of(
                    'take the {mass}', mass: $this->situation->say->weight($then->massKg),
                ),
            $this->sameKind($now, $then)
                && $now->finish !== $then->finish
                && Mass::same($now->massKg, $then->massKg) => Words::of('take {finish}', finish: Finish::word($then->finish)),
            default => Words::of('take the {lure}', lure: $this->names->lure($then)),
        };
    }

    private function shortly(Lure $now, Lure $then): string
    {
        return match (true) {
            ! $this->sameKind($now, $then) => LureNames::family($then),
            ! Mass::same($now->massKg, $then->massKg) => $this->situation->say->weight($then->massKg),
            default => Finish::word($then->finish),
        };
    }

    private function sameKind(Lure $now, Lure $then): bool
    {
        return LureNames::family($now) === LureNames::family($then);
    }

    /** "Above 0.6 mph of drift", "Bright light". */
    public function where(TippingPoint $tip): string
    {
        if (is_string($tip->at)) {
            return ucfirst($tip->reading->saying($tip->at));
        }
        $away = self::isAway($tip);

        return Words::of(
            match (true) {
                self::isAbove($tip) && $away => 'Above {measure} the other way',
                self::isAbove($tip) => 'Above {measure}',
                $away => 'Below {measure} the other way',
                default => 'Below {measure}',
            },
            measure: $tip->reading->measure($this->situation->say, $away ? -$tip->at : $tip->at),
        );
    }

    /** A flow the other way counts by its size. */
    private static function isAbove(TippingPoint $tip): bool
    {
        return $tip->above === ! self::isAway($tip);
    }

    private static function isAway(TippingPoint $tip): bool
    {
        return $tip->at < 0 && $tip->reading->isFlow();
    }
}
