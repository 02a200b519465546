<?php

declare(strict_types=1);

namespace Eskith\Core\Water\Internal;

/**
 * Delaunay triangulation (Bowyer and Watson), point by point. Outside the hull lies one point at infinity, so that every edge
 * has a triangle on either side; such a triangle has a third corner of −1.
 */
final class Triangulation
{
    private const FAR = -1;

    /** @var array<int, array{int, int, int}> corners, counter-clockwise */
    private array $corners = [];

    /** @var array<int, array{int, int, int}> the triangle across from each corner */
    private array $across = [];

    private int $next = 0;

    private int $last = 0;

    /**
     * @param  array<int, float>  $x
     * @param  array<int, float>  $y  no two points the same
     */
    private function __construct(private readonly array $x, private readonly array $y)
    {
    }

    /**
     * @param  array<int, float>  $x
     * @param  array<int, float>  $y
     * @param  list<int>  $order  in which points are put in; neighbours near each other, for speed
     * @return self|null null when all lie in one line
     */
    public static function of(array $x, array $y, array $order): ?self
    {
        $made = new self($x, $y);
        $count = count($order);
        for ($third = 2; $third < $count; $third++) {
            $turn = $made->turn($order[0], $order[1], $x[$order[$third]], $y[$order[$third]]);
            if (abs($turn) > 1e-9) {
                break;
            }
        }
        if ($third >= $count) {
            return null;
        }
        $made->begin($order[0], $order[1], $order[$third]);
        foreach ($order as $i => $point) {
            if ($i > 1 && $i !== $third) {
                $made->add($point);
            }
        }

        return $made;
    }

    /**
     * The corners of the triangle around a place; outside the hull those of an edge that faces it.
     *
     * @return list<int> three or two
     */
    public function around(float $x, float $y): array
    {
        return array_values(array_filter($this->corners[$this->locate($x, $y)], static fn (int $corner): bool => $corner !== self::FAR));
    }

    /** @return \Generator<int, array{int, int, int}> corners of each triangle within the hull */
    public function all(): \Generator
    {
        foreach ($this->corners as $corners) {
            if (! in_array(self::FAR, $corners, true)) {
                yield $corners;
            }
        }
    }

    private function begin(int $a, int $b, int $c): void
    {
        if ($this->turn($a, $b, $this->x[$c], $this->y[$c]) < 0.0) {
            [$a, $b] = [$b, $a];
        }
        $this->corners = [[$a, $b, $c], [$b, $a, self::FAR], [$c, $b, self::FAR], [$a, $c, self::FAR]];
        // Across from a lies the edge b c, and so on round.
        $this->across = [[2, 3, 1], [3, 2, 0], [1, 3, 0], [2, 1, 0]];
        $this->next = 4;
    }

    private function add(int $point): void
    {
        [$px, $py] = [$this->x[$point], $this->y[$point]];
        $open = [$this->locate($px, $py)];
        $gone = [$open[0] => true];
        $edges = [];
        while ($open !== []) {
            $triangle = array_pop($open);
            foreach ([0, 1, 2] as $i) {
                $beyond = $this->across[$triangle][$i];
                if (isset($gone[$beyond])) {
                    continue;
                }
                if ($this->holds($beyond, $px, $py)) {
                    $gone[$beyond] = true;
                    $open[] = $beyond;
                } else {
                    $edges[] = [$this->corners[$triangle][($i + 1) % 3], $this->corners[$triangle][($i + 2) % 3], $triangle, $beyond];
                }
            }
        }
        // An edge towards a triangle that went later is none.
        $edges = array_filter($edges, static fn (array $edge): bool => ! isset($gone[$edge[3]]));
        $starting = [];
        $ending = [];
        foreach ($edges as [$from, $to, $old, $beyond]) {
            $made = $this->next++;
            $this->corners[$made] = [$from, $to, $point];
            $this->across[$made] = [-1, -1, $beyond];
            $this->across[$beyond] = array_map(static fn (int $one): int => $one === $old ? $made : $one, $this->across[$beyond]);
            $starting[$from] = $made;
            $ending[$to] = $made;
        }
        foreach ($starting as $corner => $made) {
            $before = $ending[$corner];
            $this->across[$made] = [$this->across[$made][0], $before, $this->across[$made][2]];
            $this->across[$before] = [$made, $this->across[$before][1], $this->across[$before][2]];
        }
        foreach (array_keys($gone) as $triangle) {
            unset($this->corners[$triangle], $this->across[$triangle]);
        }
        $this->last = $this->next - 1;
    }

    /** Walks to the triangle around a place; the last one found is where the next walk begins. */
    private function locate(float $x, float $y): int
    {
        $at = $this->last;
        $far = array_search(self::FAR, $this->corners[$at], true);
        if ($far !== false) {
            $at = $this->across[$at][$far];
        }
        $steps = 2 * count($this->corners) + 10;
        while ($steps-- > 0) {
            $corners = $this->corners[$at];
            $to = null;
            foreach ([2, 0, 1] as $i) {
                if ($this->turn($corners[($i + 1) % 3], $corners[($i + 2) % 3], $x, $y) < 0.0) {
                    $to = $this->across[$at][$i];
                    break;
                }
            }
            if ($to === null || in_array(self::FAR, $this->corners[$to], true)) {
                return $this->last = $to ?? $at;
            }
            $at = $to;
        }
        // Rounding sent it in a circle: look everywhere.
        foreach ($this->corners as $triangle => $ignored) {
            if ($this->holds($triangle, $x, $y)) {
                return $this->last = $triangle;
            }
        }

        return $this->last = $at;
    }

    /** Whether a place lies within the circle through the corners; beyond the hull, outside its edge. */
    private function holds(int $triangle, float $x, float $y): bool
    {
        [$a, $b, $c] = $this->corners[$triangle];
        while ($a === self::FAR || $b === self::FAR) {
            [$a, $b, $c] = [$b, $c, $a];
        }
        if ($c === self::FAR) {
            return $this->turn($a, $b, $x, $y) > 0.0;
        }
        [$ax, $ay] = [$this->x[$a] - $x, $this->y[$a] - $y];
        [$bx, $by] = [$this->x[$b] - $x, $this->y[$b] - $y];
        [$cx, $cy] = [$this->x[$c] - $x, $this->y[$c] - $y];

        return ($ax * $ax + $ay * $ay) * ($bx * $cy - $cx * $by) - ($bx * $bx + $by * $by) * ($ax * $cy - $cx * $ay)
            + ($cx * $cx + $cy * $cy) * ($ax * $by - $bx * $ay) > 0.0;
    }

    /** Twice the area of the triangle: above 0 where the way from a to b goes on to the left. */
    private function turn(int $a, int $b, float $x, float $y): float
    {
        return ($this->x[$b] - $this->x[$a]) * ($y - $this->y[$a]) - ($this->y[$b] - $this->y[$a]) * ($x - $this->x[$a]);
    }
}
