<?php

declare(strict_types=1);

namespace Eskith\Core\Water\Relief;

use Eskith\Core\Water\Ground;
use Eskith\Core\Water\Position;

/**
 * Finds what of a bottom fish keep to. Walls, ledges and drop-offs from the slopes between soundings; humps, saddles and holes
 * from the ring of depths around each place of a lattice. Sizes are estimates of what is worth a look.
 */
final class Structures
{
    /** Two at one depth nearer to each other than so are one: m deep and m apart. */
    private const ALIKE_M = 0.8;

    private const APART_M = 12.0;

    /** Share of its depth by which water close by is deep. */
    private const DEEP_SHARE = 0.4;

    /** Looks around a place. */
    private const RING = 16;

    /** Of each kind, the best. */
    private const MOST = 6;

    /** @return list<Structure> of each kind the best first */
    public static function of(Ground $ground, Lattice $depths, float $reachM): array
    {
        $slopes = new Slopes($ground, $reachM);
        [$walls, $ledges] = $slopes->walls();
        $edges = array_filter(
            $slopes->edges(),
            static fn (Structure $edge): bool => array_filter(
                $walls, static fn (Structure $wall): bool => $wall->at->distanceTo($edge->at) < Slopes::ACROSS_M,
            ) === [],
        );

        return [
            ...array_slice($walls, 0, self::MOST), ...self::apart($ledges, self::APART_M),
            ...self::apart(array_values($edges), self::APART_M), ...(new TurningPoints($ground, $depths, $reachM))->all(),
        ];
    }

    /**
     * Of places with a hard bottom, those that have deep water close by.
     *
     * @param  list<Position>  $hard
     * @param  \Closure(Position): (float|null)  $depthAt  as near as it was sounded
     * @return list<Structure>
     */
    public static function besideDeep(array $hard, Lattice $depths, \Closure $depthAt): array
    {
        $found = [];
        foreach ($hard as $at) {
            $depth = $depthAt($at);
            $deepest = $depth ?? 0.0;
            for ($i = 0; $i < self::RING; $i++) {
                foreach ([0.5, 1.0] as $share) {
                    $there = $at->onward(360.0 * $i / self::RING, $share * Slopes::ACROSS_M);
                    $deepest = max($deepest, $depths->valueAt($there->east, $there->north) ?? 0.0);
                }
            }
            if ($depth !== null && $deepest - $depth >= max(Slopes::EDGE_FALLS_M, self::DEEP_SHARE * $depth)) {
                $found[] = new Structure(StructureKind::Hard, $at, $depth, $depth, $deepest);
            }
        }

        return self::apart($found, Slopes::ACROSS_M);
    }

    /**
     * @param  list<Structure>  $all
     * @return list<Structure> those that fall most, none nearer to another than so
     */
    private static function apart(array $all, float $metres): array
    {
        usort($all, static fn (Structure $a, Structure $b): int => $b->fallM() <=> $a->fallM());
        $kept = [];
        foreach ($all as $one) {
            $near = array_filter($kept, static fn (Structure $other): bool => $other->at->distanceTo($one->at) < $metres
                && abs($other->depthM - $one->depthM) < self::ALIKE_M);
            if ($near === [] && count($kept) < self::MOST) {
                $kept[] = $one;
            }
        }

        return $kept;
    }
}
