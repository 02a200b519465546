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

    /** Share of that which a lattice, smoother than the bottom, has to show before a place is looked at closely; places looked at. */
    private const PROMISE = 0.5;

    private const ASKED = 40;

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
     * Of places with a hard bottom, those that have deep water close by. How deep each is exactly is asked only where the
     * lattice promises something.
     *
     * @param  list<Position>  $hard
     * @param  \Closure(Position): (float|null)  $depthAt  as near as it was sounded
     * @return list<Structure>
     */
    public static function besideDeep(array $hard, Lattice $depths, \Closure $depthAt): array
    {
        $found = [];
        foreach (array_slice(self::promising($hard, $depths), 0, self::ASKED) as [$at, $around]) {
            $depth = $depthAt($at);
            $deepest = max($depth ?? 0.0, $around);
            if ($depth !== null && $deepest - $depth >= self::fallsFrom($depth)) {
                $found[] = new Structure(StructureKind::Hard, $at, $depth, $depth, $deepest);
            }
        }

        return self::apart($found, Slopes::ACROSS_M);
    }

    /**
     * @param  list<Position>  $hard
     * @return list<array{Position, float}> places and m of the deepest around each, those that fall most by the lattice first
     */
    private static function promising(array $hard, Lattice $depths): array
    {
        $promising = [];
        foreach ($hard as $at) {
            $around = 0.0;
            for ($i = 0; $i < self::RING; $i++) {
                foreach ([0.5, 1.0] as $share) {
                    $there = $at->onward(360.0 * $i / self::RING, $share * Slopes::ACROSS_M);
                    $around = max($around, $depths->valueAt($there->east, $there->north) ?? 0.0);
                }
            }
            $about = $depths->valueAt($at->east, $at->north) ?? 0.0;
            if ($around - $about >= self::PROMISE * self::fallsFrom($about)) {
                $promising[] = [$at, $around, $around - $about];
            }
        }
        usort($promising, static fn (array $a, array $b): int => $b[2] <=> $a[2]);

        return array_map(static fn (array $one): array => [$one[0], $one[1]], $promising);
    }

    /** m that the water beside a place has to be deeper. */
    private static function fallsFrom(float $depthM): float
    {
        return max(Slopes::EDGE_FALLS_M, self::DEEP_SHARE * $depthM);
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
