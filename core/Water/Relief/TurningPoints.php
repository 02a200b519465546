<?php

declare(strict_types=1);

namespace Eskith\Core\Water\Relief;

use Eskith\Core\Water\Ground;
use Eskith\Core\Water\Position;

/** Humps, holes and saddles: crossings of a lattice that stand out from the ring of depths around them, however wide they are. */
final readonly class TurningPoints
{
    /** m that one stands out by: so much, or so much of the depth. */
    private const STANDS_OUT_M = 0.8;

    private const STANDS_OUT_SHARE = 0.08;

    /** Of that, what a saddle rises and falls by along its two ways. */
    private const SADDLE = 0.33;

    /** m around a place that are looked at first; two steps of the lattice where those are more. */
    private const AROUND_M = 12.0;

    /** m at the most. */
    private const FARTHEST_M = 110.0;

    /** Radii that two of a kind lie apart at the least. */
    private const APART = 1.6;

    /** Looks around a place. */
    private const RING = 16;

    /** The eight crossings beside one, going round. */
    private const BESIDE = [[1, 0], [1, 1], [0, 1], [-1, 1], [-1, 0], [-1, -1], [0, -1], [1, -1]];

    /** Of each kind, the best. */
    private const MOST = 6;

    public function __construct(private Ground $ground, private Lattice $depths, private float $reachM)
    {
    }

    /** @return list<Structure> humps, saddles and holes */
    public function all(): array
    {
        $found = [];
        for ($row = 1; $row < $this->depths->rows - 1; $row++) {
            for ($column = 1; $column < $this->depths->columns - 1; $column++) {
                $kind = $this->turns($column, $row);
                $one = $kind === null ? null : $this->standsOut($kind, $column, $row);
                if ($one !== null) {
                    $found[] = $one;
                }
            }
        }
        usort($found, static fn (array $a, array $b): int => $b[0]->fallM() / $b[1] <=> $a[0]->fallM() / $a[1]);
        $kept = [];
        foreach ($found as [$one, $radius]) {
            $near = array_filter($kept, static fn (array $other): bool => $other[0]->kind === $one->kind
                && $other[0]->at->distanceTo($one->at) < self::APART * max($radius, $other[1]));
            $same = array_filter($kept, static fn (array $other): bool => $other[0]->kind === $one->kind);
            if ($near === [] && count($same) < self::MOST) {
                $kept[] = [$one, $radius];
            }
        }

        return array_column($kept, 0);
    }

    /** What a crossing is among the eight beside it; null where it is nothing, or one of them is not known. */
    private function turns(int $column, int $row): ?StructureKind
    {
        $depth = $this->depths->at($column, $row);
        if ($depth === null) {
            return null;
        }
        $ring = [];
        foreach (self::BESIDE as [$i, $j]) {
            $other = $this->depths->at($column + $i, $row + $j);
            if ($other === null) {
                return null;
            }
            $ring[] = $other - $depth;
        }

        return match (true) {
            min($ring) >= 0.0 && max($ring) > 0.0 => StructureKind::Hump,
            max($ring) <= 0.0 && min($ring) < 0.0 => StructureKind::Hole,
            self::lobes($ring, 0.0) === 4 => StructureKind::Saddle,
            default => null,
        };
    }

    /**
     * Looks around farther and farther until it stands out, or what is around is not known.
     *
     * @return array{Structure, float}|null with m around it within which it does
     */
    private function standsOut(StructureKind $kind, int $column, int $row): ?array
    {
        $at = $this->depths->position($column, $row);
        $depth = $this->depths->at($column, $row) ?? 0.0;
        // Where the middle of it was not sounded, nothing is made of it.
        if ($this->ground->nearestM($at->east, $at->north, $this->reachM) === null) {
            return null;
        }
        $out = max(self::STANDS_OUT_M, self::STANDS_OUT_SHARE * $depth);
        for ($around = max(self::AROUND_M, 2 * $this->depths->stepM); $around <= self::FARTHEST_M; $around *= 1.6) {
            $ring = $this->ring($at, $depth, $around);
            $is = $ring !== null && match ($kind) {
                StructureKind::Hump => min($ring) >= $out,
                StructureKind::Hole => max($ring) <= -$out,
                default => self::lobes($ring, self::SADDLE * $out) === 4,
            };
            if ($ring === null || $is) {
                return $ring === null ? null : [
                    new Structure($kind, $at, $depth, $depth + min(0.0, ...$ring), $depth + max(0.0, ...$ring)), $around,
                ];
            }
        }

        return null;
    }

    /** @return non-empty-list<float>|null deeper by, going round; null where one is not known */
    private function ring(Position $at, float $depth, float $around): ?array
    {
        $ring = [];
        for ($i = 0; $i < self::RING; $i++) {
            $there = $at->onward(360.0 * $i / self::RING, $around);
            $value = $this->depths->valueAt($there->east, $there->north);
            if ($value === null) {
                return null;
            }
            $ring[] = $value - $depth;
        }

        return $ring;
    }

    /**
     * How often, going round, it turns from well deeper to well shallower and back.
     *
     * @param  non-empty-list<float>  $ring  deeper by
     */
    private static function lobes(array $ring, float $out): int
    {
        $signs = [];
        foreach ($ring as $value) {
            if ($value !== 0.0 && abs($value) >= $out && ($signs === [] || end($signs) !== ($value <=> 0.0))) {
                $signs[] = $value <=> 0.0;
            }
        }

        return count($signs) > 1 && $signs[0] === end($signs) ? count($signs) - 1 : count($signs);
    }
}
