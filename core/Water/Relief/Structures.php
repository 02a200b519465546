<?php

declare(strict_types=1);

namespace Eskith\Core\Water\Relief;

use Eskith\Core\Water\Ground;
use Eskith\Core\Water\Position;

/**
 * Finds what of a bottom fish keep to. Walls, ledges and drop-offs from the slopes between soundings; humps, saddles and holes
 * from the ring of depths around each place of a lattice. Sizes are estimates of what is worth a look.
 */
final readonly class Structures
{
    /** Degrees from which a slope beside deep water is a drop-off. */
    private const EDGE_DEG = 10.0;

    /** m that a wall and a drop-off fall at the least. */
    private const WALL_FALLS_M = 1.5;

    private const EDGE_FALLS_M = 2.5;

    /** m that a hump, a hole or a saddle stands out by: so much, or so much of the depth. */
    private const STANDS_OUT_M = 0.8;

    private const STANDS_OUT_SHARE = 0.08;

    /** Of that, what a saddle rises and falls by along its two ways. */
    private const SADDLE = 0.33;

    /** m around a place that are looked at, at the least; two steps of the lattice where those are more. */
    private const AROUND_M = 12.0;

    /** Looks around a place. */
    private const RING = 16;

    /** m of a section across a wall, to each side of its middle. */
    private const ACROSS_M = 40.0;

    /** Of each kind, the best. */
    private const MOST = 6;

    /** @var list<Facet> */
    private array $facets;

    private function __construct(private Ground $ground, private Lattice $depths, private float $reachM)
    {
        $this->facets = $ground->facets($reachM);
    }

    /** @return list<Structure> of each kind the best first */
    public static function of(Ground $ground, Lattice $depths, float $reachM): array
    {
        $self = new self($ground, $depths, $reachM);
        [$walls, $ledges] = $self->walls();
        $edges = array_filter(
            $self->slopes(StructureKind::Edge, self::EDGE_DEG, Section::WALL_DEG, self::EDGE_FALLS_M),
            static fn (Structure $edge): bool => array_filter(
                $walls, static fn (Structure $wall): bool => $wall->at->distanceTo($edge->at) < self::ACROSS_M,
            ) === [],
        );

        return [
            ...array_slice($walls, 0, self::MOST), ...self::apart($ledges, self::AROUND_M),
            ...self::apart(array_values($edges), self::AROUND_M), ...$self->around(),
        ];
    }

    /**
     * Slopes that lie side by side are one.
     *
     * @return list<Structure> the one that falls most first
     */
    private function slopes(StructureKind $kind, float $fromDeg, float $toDeg, float $fallsM): array
    {
        $steep = array_values(array_filter(
            $this->facets, static fn (Facet $facet): bool => $facet->steepDeg() > $fromDeg && $facet->steepDeg() <= $toDeg,
        ));
        $found = [];
        foreach (self::besideEachOther($steep) as $group) {
            $top = min(array_map(static fn (Facet $facet): float => $facet->shallowestM(), $group));
            $bottom = max(array_map(static fn (Facet $facet): float => $facet->deepestM(), $group));
            if ($bottom - $top >= $fallsM) {
                $found[] = self::slope($kind, $group, $top, $bottom);
            }
        }
        usort($found, static fn (Structure $a, Structure $b): int => $b->fallM() <=> $a->fallM());

        return $found;
    }

    /** @param  non-empty-list<Facet>  $group */
    private static function slope(StructureKind $kind, array $group, float $top, float $bottom): Structure
    {
        [$area, $east, $north, $eastward, $northward, $steepest] = [0.0, 0.0, 0.0, 0.0, 0.0, 0.0];
        foreach ($group as $facet) {
            $size = $facet->areaM2();
            $middle = $facet->middle();
            [$area, $east, $north] = [$area + $size, $east + $size * $middle->east, $north + $size * $middle->north];
            [$eastward, $northward] = [$eastward + $size * $facet->eastward, $northward + $size * $facet->northward];
            $steepest = max($steepest, $facet->steepDeg());
        }
        $mean = new Position($east / $area, $north / $area);
        // A bent slope has its mean beside it: the nearest part of it stands for it.
        usort($group, static fn (Facet $a, Facet $b): int => $a->middle()->distanceTo($mean) <=> $b->middle()->distanceTo($mean));
        $at = $group[0];
        $falls = (new Position(0.0, 0.0))->bearingTo(new Position($at->eastward, $at->northward));

        return new Structure(
            kind: $kind, at: $at->middle(), depthM: $top, topM: $top, bottomM: $bottom, steepDeg: $steepest, fallsDeg: $falls,
        );
    }

    /**
     * @param  list<Facet>  $facets
     * @return list<non-empty-list<Facet>> those that share a corner, together
     */
    private static function besideEachOther(array $facets): array
    {
        $at = [];
        foreach ($facets as $i => $facet) {
            foreach ($facet->corners as $corner) {
                $at[$corner][] = $i;
            }
        }
        $groups = [];
        $seen = [];
        foreach (array_keys($facets) as $start) {
            if (isset($seen[$start])) {
                continue;
            }
            $seen[$start] = true;
            $open = [$start];
            $group = [];
            while ($open !== []) {
                $i = array_pop($open);
                $group[] = $facets[$i];
                foreach ($facets[$i]->corners as $corner) {
                    foreach ($at[$corner] as $other) {
                        if (! isset($seen[$other])) {
                            $seen[$other] = true;
                            $open[] = $other;
                        }
                    }
                }
            }
            $groups[] = $group;
        }

        return $groups;
    }

    /**
     * Steep parts above each other with only a ledge between are one wall.
     *
     * @return array{list<Structure>, list<Structure>} walls, the one that falls most first, and their ledges
     */
    private function walls(): array
    {
        $whole = [];
        foreach ($this->slopes(StructureKind::Wall, Section::WALL_DEG, 90.0, self::WALL_FALLS_M) as $part) {
            $bearing = $part->fallsDeg ?? 0.0;
            $from = $part->at->onward($bearing + 180.0, self::ACROSS_M);
            $section = Section::below($this->ground, [$from, $part->at->onward($bearing, self::ACROSS_M)], $this->reachM);
            $depths = [];
            foreach ($section->walls as [$start, $end]) {
                array_push($depths, $section->depthAt($start), $section->depthAt($end));
            }
            $known = array_filter($depths, static fn (?float $depth): bool => $depth !== null);
            [$top, $bottom] = $section->ledges === [] || $known === []
                ? [$part->topM, $part->bottomM] : [min($part->topM, ...$known), max($part->bottomM, ...$known)];
            $like = static fn (StructureKind $kind, Position $at, float $depthM): Structure => new Structure(
                kind: $kind, at: $at, depthM: $depthM, topM: $top, bottomM: $bottom, steepDeg: $part->steepDeg, fallsDeg: $part->fallsDeg,
            );
            $whole[] = [$like(StructureKind::Wall, $part->at, $top), array_map(static fn (Ledge $ledge): Structure => $like(
                StructureKind::Ledge, $from->onward($bearing, $ledge->alongM), $ledge->depthM,
            ), $section->ledges)];
        }
        usort($whole, static fn (array $a, array $b): int => $b[0]->fallM() <=> $a[0]->fallM());
        $walls = $ledges = [];
        foreach ($whole as [$wall, $its]) {
            $same = array_filter($walls, static fn (Structure $other): bool => $other->at->distanceTo($wall->at) < self::ACROSS_M
                && cos(deg2rad(($other->fallsDeg ?? 0.0) - ($wall->fallsDeg ?? 0.0))) > M_SQRT1_2);
            if ($same === []) {
                $walls[] = $wall;
                array_push($ledges, ...$its);
            }
        }

        return [$walls, $ledges];
    }

    /** @return list<Structure> humps, saddles and holes */
    private function around(): array
    {
        $around = max(self::AROUND_M, 2 * $this->depths->stepM);
        $found = [];
        for ($row = 0; $row < $this->depths->rows; $row++) {
            for ($column = 0; $column < $this->depths->columns; $column++) {
                $one = $this->standsOut($column, $row, $around);
                if ($one !== null) {
                    $found[$one->kind->value][] = $one;
                }
            }
        }
        $kept = [];
        foreach ($found as $all) {
            array_push($kept, ...self::apart($all, 2.5 * $around));
        }

        return $kept;
    }

    private function standsOut(int $column, int $row, float $around): ?Structure
    {
        $depth = $this->depths->at($column, $row);
        $at = $this->depths->position($column, $row);
        // Where the middle of it was not sounded, nothing is made of it.
        if ($depth === null || $this->ground->nearestM($at->east, $at->north, $this->reachM) === null) {
            return null;
        }
        $ring = [];
        for ($i = 0; $i < self::RING; $i++) {
            $there = $at->onward(360.0 * $i / self::RING, $around);
            $value = $this->depths->valueAt($there->east, $there->north);
            if ($value === null) {
                return null;
            }
            $ring[] = $value - $depth;
        }
        $out = max(self::STANDS_OUT_M, self::STANDS_OUT_SHARE * $depth);
        $kind = match (true) {
            min($ring) >= $out && $this->isTurn($column, $row, $depth, 1) => StructureKind::Hump,
            max($ring) <= -$out && $this->isTurn($column, $row, $depth, -1) => StructureKind::Hole,
            self::lobes($ring, self::SADDLE * $out) === 4 => StructureKind::Saddle,
            default => null,
        };

        return $kind === null ? null : new Structure($kind, $at, $depth, $depth + min($ring), $depth + max($ring));
    }

    /** Whether no crossing beside it is shallower, or deeper. */
    private function isTurn(int $column, int $row, float $depth, int $sign): bool
    {
        foreach ([[-1, -1], [-1, 0], [-1, 1], [0, -1], [0, 1], [1, -1], [1, 0], [1, 1]] as [$i, $j]) {
            $other = $this->depths->at($column + $i, $row + $j);
            if ($other === null || $sign * ($other - $depth) < 0.0) {
                return false;
            }
        }

        return true;
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
            if (abs($value) >= $out && ($signs === [] || end($signs) !== ($value <=> 0.0))) {
                $signs[] = $value <=> 0.0;
            }
        }

        return count($signs) > 1 && $signs[0] === end($signs) ? count($signs) - 1 : count($signs);
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
                && abs($other->depthM - $one->depthM) < self::STANDS_OUT_M);
            if ($near === [] && count($kept) < self::MOST) {
                $kept[] = $one;
            }
        }

        return $kept;
    }
}
