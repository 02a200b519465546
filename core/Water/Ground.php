<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Internal\Cells;
use Eskith\Core\Water\Internal\Merging;
use Eskith\Core\Water\Internal\Triangulation;
use Eskith\Core\Water\Relief\Facet;

/**
 * The bottom between soundings. Within them it is a plane over each triangle of three neighbours; beyond them, and along a
 * single line, the mean of the nearest by the square of their distance. What was not sounded is not known.
 */
final class Ground
{
    /** m: soundings so near to each other are one. */
    private const ONE_M = 0.05;

    /** Soundings whose mean stands for a place outside. */
    private const NEAREST = 6;

    private const MOST = 200_000;

    private const DEEPEST_M = 12_000.0;

    /** m by which places are moved for the triangles alone, so that no four lie on one circle and no three in one line. */
    private const NUDGE_M = 1e-6;

    /** On an edge to within this, and at a sounding to within that, m. */
    private const HAIR_M = 1e-5;

    private const HERE_M = 1e-3;

    /** m: patches in which it is counted how closely soundings lie. */
    private const PATCH_M = 25.0;

    /** m: how far a sounding speaks, in spacings, and at least and at most. */
    private const SPEAKS_FOR = 2.2;

    private const LEAST_REACH_M = 6.0;

    private const MOST_REACH_M = 60.0;

    /** m²: a triangle with less has no slope of its own. */
    private const THIN_M2 = 0.02;

    private readonly ?Triangulation $triangles;

    private readonly Cells $cells;

    /**
     * @param  list<float>  $x
     * @param  list<float>  $y
     * @param  list<float>  $depths
     */
    private function __construct(
        private readonly array $x, private readonly array $y, private readonly array $depths, float $cellM,
    ) {
        $this->cells = new Cells($x, $y, $cellM);
        $this->triangles = count($x) < 3 ? null : $this->triangulated();
    }

    /**
     * @param  list<array{float, float, float}>  $soundings  m east, m north, m deep
     * @param  float  $reachM  how far a sounding speaks
     *
     * @throws InvalidInput for too many, or one that cannot be
     */
    public static function of(array $soundings, float $reachM): self
    {
        if (count($soundings) > self::MOST) {
            throw InvalidInput::because('soundings', 'At most {most} soundings are taken at once.', most: self::MOST);
        }
        if (! ($reachM > 0.0 && $reachM <= 1e5)) {
            throw InvalidInput::because('reach_m', 'A sounding covers over 0 and up to 100 km around it.');
        }
        foreach ($soundings as [$east, $north, $depth]) {
            if (! (max(abs($east), abs($north)) <= 1e6 && abs($depth) <= self::DEEPEST_M)) {
                throw InvalidInput::because('soundings', 'A sounding lies within 1000 km, and within 12 km up or down.');
            }
        }
        [$x, $y, $depths] = Merging::of($soundings, self::ONE_M);

        return new self($x, $y, $depths, max(self::ONE_M, self::spacing($x, $y)));
    }

    /** m deep; null where no sounding lies within reach */
    public function depthAt(float $east, float $north, float $reachM): ?float
    {
        $near = $this->cells->nearest($east, $north, $reachM, 1);
        if ($near === [] || $near[0][0] < self::HERE_M ** 2) {
            return $near === [] ? null : $this->depths[$near[0][1]];
        }
        $around = $this->triangles?->around($east, $north) ?? [];
        $between = match (count($around)) {
            3 => $this->onPlane($around[0], $around[1], $around[2], $east, $north) ?? $this->onEdges($around, $east, $north),
            2 => $this->onEdge($around[0], $around[1], $east, $north),
            default => null,
        };
        if ($between !== null) {
            return $between;
        }
        $sum = $weights = 0.0;
        foreach ($this->cells->nearest($east, $north, $reachM, self::NEAREST) as [$squared, $i]) {
            $sum += $this->depths[$i] / $squared;
            $weights += 1 / $squared;
        }

        return $sum / $weights;
    }

    /** m to the nearest sounding; null where none lies within reach */
    public function nearestM(float $east, float $north, float $reachM): ?float
    {
        $near = $this->cells->nearest($east, $north, $reachM, 1);

        return $near === [] ? null : sqrt($near[0][0]);
    }

    /**
     * Whether a place lies between soundings that are near enough to each other for a slope to be told; everywhere where all
     * lie in one line, since there is nothing between them.
     */
    public function isBetween(float $east, float $north, float $reachM): bool
    {
        if ($this->triangles === null) {
            return true;
        }
        $around = $this->triangles->around($east, $north);
        foreach ($around as $i => $a) {
            $b = $around[($i + 1) % count($around)];
            if (hypot($this->x[$b] - $this->x[$a], $this->y[$b] - $this->y[$a]) > 2 * $reachM) {
                return false;
            }
        }

        return count($around) === 3 || $this->nearestM($east, $north, self::HERE_M) !== null;
    }

    /** How many soundings it rests on, those in one place being one. */
    public function count(): int
    {
        return count($this->x);
    }

    /** @return array{float, float, float, float}|null west, east, south and north, m; null without soundings */
    public function bounds(): ?array
    {
        return $this->x === [] || $this->y === [] ? null : [min($this->x), max($this->x), min($this->y), max($this->y)];
    }

    /** m that a sounding speaks for where nobody says: some of them across, had they been spread evenly over where they lie. */
    public function usualReachM(): float
    {
        $cells = [];
        foreach ($this->x as $i => $east) {
            $cells[floor($east / self::PATCH_M).' '.floor($this->y[$i] / self::PATCH_M)] = true;
        }
        $apart = sqrt(count($cells) * self::PATCH_M ** 2 / max(1, count($this->x)));

        return max(self::LEAST_REACH_M, min(self::MOST_REACH_M, self::SPEAKS_FOR * $apart));
    }

    /**
     * The triangles between soundings, without those that span farther than reach.
     *
     * @return list<Facet>
     */
    public function facets(float $reachM): array
    {
        $facets = [];
        foreach ($this->triangles?->all() ?? [] as [$a, $b, $c]) {
            $facet = new Facet(
                [$this->x[$a], $this->y[$a], $this->depths[$a]], [$this->x[$b], $this->y[$b], $this->depths[$b]],
                [$this->x[$c], $this->y[$c], $this->depths[$c]], [$a, $b, $c],
            );
            if ($facet->longestM() <= 2 * $reachM && $facet->areaM2() > self::THIN_M2) {
                $facets[] = $facet;
            }
        }

        return $facets;
    }

    /**
     * On the shortest edge of three soundings in one line.
     *
     * @param  list<int>  $corners
     */
    private function onEdges(array $corners, float $east, float $north): ?float
    {
        $found = null;
        $shortest = INF;
        foreach ($corners as $i => $a) {
            $b = $corners[($i + 1) % count($corners)];
            $depth = $this->onEdge($a, $b, $east, $north);
            $length = hypot($this->x[$b] - $this->x[$a], $this->y[$b] - $this->y[$a]);
            if ($depth !== null && $length < $shortest) {
                [$found, $shortest] = [$depth, $length];
            }
        }

        return $found;
    }

    /** On the edge of what was sounded, to a hair; null farther out, or on an edge of no length. */
    private function onEdge(int $a, int $b, float $east, float $north): ?float
    {
        [$ex, $ey] = [$this->x[$b] - $this->x[$a], $this->y[$b] - $this->y[$a]];
        $length = hypot($ex, $ey);
        $away = abs($ex * ($north - $this->y[$a]) - $ey * ($east - $this->x[$a])) / max(1e-12, $length);
        $share = (($east - $this->x[$a]) * $ex + ($north - $this->y[$a]) * $ey) / max(1e-12, $length * $length);

        return $away > self::HAIR_M || $share < 0.0 || $share > 1.0
            ? null
            : $this->depths[$a] + $share * ($this->depths[$b] - $this->depths[$a]);
    }

    /** Null over a triangle that has no width. */
    private function onPlane(int $a, int $b, int $c, float $east, float $north): ?float
    {
        [$bx, $by] = [$this->x[$b] - $this->x[$a], $this->y[$b] - $this->y[$a]];
        [$cx, $cy] = [$this->x[$c] - $this->x[$a], $this->y[$c] - $this->y[$a]];
        $area = $bx * $cy - $cx * $by;
        if (abs($area) < 1e-9) {
            return null;
        }
        [$px, $py] = [$east - $this->x[$a], $north - $this->y[$a]];
        $u = ($px * $cy - $cx * $py) / $area;
        $v = ($bx * $py - $px * $by) / $area;
        $depth = $this->depths[$a] + $u * ($this->depths[$b] - $this->depths[$a]) + $v * ($this->depths[$c] - $this->depths[$a]);
        $three = [$this->depths[$a], $this->depths[$b], $this->depths[$c]];

        return max(min($three), min(max($three), $depth));
    }

    private function triangulated(): ?Triangulation
    {
        // Snake-wise through the cells, so that each point lies near the one before.
        $order = array_keys($this->x);
        $cell = max(1e-9, 2 * self::spacing($this->x, $this->y));
        usort($order, function (int $a, int $b) use ($cell): int {
            [$i, $j] = [floor($this->x[$a] / $cell), floor($this->x[$b] / $cell)];

            return $i <=> $j ?: (fmod($i, 2) === 0.0 ? $this->y[$a] <=> $this->y[$b] : $this->y[$b] <=> $this->y[$a]);
        });

        return Triangulation::of(self::nudged($this->x, 1), self::nudged($this->y, 2), $order);
    }

    /**
     * @param  list<float>  $values
     * @return list<float>
     */
    private static function nudged(array $values, int $salt): array
    {
        return array_map(
            static fn (float $value, int $i): float => $value + self::NUDGE_M * fmod(sin(($i + 1) * 12.9898 + $salt) * 43758.5453, 1.0),
            $values, array_keys($values),
        );
    }

    /**
     * About how far soundings lie apart, were they spread evenly.
     *
     * @param  list<float>  $x
     * @param  list<float>  $y
     */
    private static function spacing(array $x, array $y): float
    {
        return $x === [] || $y === [] ? 1.0 : max(max($x) - min($x), max($y) - min($y)) / sqrt(count($x));
    }
}
