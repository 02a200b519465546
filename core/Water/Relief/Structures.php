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

    /** Share of its depth by which water close by is deep. */
    private const DEEP_SHARE = 0.4;

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
                    $there = $at->onward(360.0 * $i / self::RING, $share * self::ACROSS_M);
                    $deepest = max($deepest, $depths->valueAt($there->east, $there->north) ?? 0.0);
                }
            }
            if ($depth !== null && $deepest - $depth >= max(self::EDGE_FALLS_M, self::DEEP_SHARE * $depth)) {
                $found[] = new Structure(StructureKind::Hard, $at, $depth, $depth, $deepest);
            }
        }

        return self::apart($found, self::ACROSS_M);
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
