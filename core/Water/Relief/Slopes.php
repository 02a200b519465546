<?php

declare(strict_types=1);

namespace Eskith\Core\Water\Relief;

use Eskith\Core\Water\Ground;
use Eskith\Core\Water\Position;

/** Walls with their ledges, and drop-offs: what of the ground between soundings is steep, those that lie side by side being one. */
final readonly class Slopes
{
    /** Degrees from which a slope beside deep water is a drop-off. */
    private const EDGE_DEG = 10.0;

    /** m that a wall and a drop-off fall at the least. */
    private const WALL_FALLS_M = 1.5;

    public const EDGE_FALLS_M = 2.5;

    /** m of a section across a wall, to each side of its middle. */
    public const ACROSS_M = 40.0;

    /** @var list<Facet> */
    private array $facets;

    public function __construct(private Ground $ground, private float $reachM)
    {
        $this->facets = $ground->facets($reachM);
    }

    /** @return list<Structure> the one that falls most first */
    public function edges(): array
    {
        return $this->between(StructureKind::Edge, self::EDGE_DEG, Section::WALL_DEG, self::EDGE_FALLS_M);
    }

    /**
     * Slopes that lie side by side are one.
     *
     * @return list<Structure> the one that falls most first
     */
    private function between(StructureKind $kind, float $fromDeg, float $toDeg, float $fallsM): array
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
        [$area, $east, $north, $steepest] = [0.0, 0.0, 0.0, 0.0];
        foreach ($group as $facet) {
            $size = $facet->areaM2();
            $middle = $facet->middle();
            [$area, $east, $north] = [$area + $size, $east + $size * $middle->east, $north + $size * $middle->north];
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
    public function walls(): array
    {
        $whole = [];
        foreach ($this->between(StructureKind::Wall, Section::WALL_DEG, 90.0, self::WALL_FALLS_M) as $part) {
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
}
