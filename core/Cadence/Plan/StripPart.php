<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence\Plan;

/** A connected part of an area within a strip, as slices that lie on each other. Along and across the drift, m. */
final readonly class StripPart
{
    /** @param  non-empty-list<Slice>  $slices  from the low edge of the strip to the high one */
    public function __construct(public array $slices)
    {
    }

    /**
     * The shortest lane from which every point of the part is within reach, in the middle of what the part takes of the strip.
     *
     * A point (x, y) is within reach r of a lane from s to e at height c when s ≤ x + g and e ≥ x − g, g = √(r² − (y − c)²).
     * Along an edge x + g is concave and x − g convex, so that corners decide.
     *
     * @param  float  $reachM  half a lane
     * @return array{float, float, float} from, to, and how far across
     */
    public function lane(float $reachM): array
    {
        $corners = array_merge(...array_map(static fn (Slice $slice): array => $slice->corners(), $this->slices));
        $middle = ($this->slices[0]->low + $this->slices[count($this->slices) - 1]->high) / 2;
        [$from, $to] = [INF, -INF];
        foreach ($corners as [$x, $y]) {
            $reach = sqrt(max(0.0, $reachM * $reachM - ($y - $middle) ** 2));
            $from = min($from, $x + $reach);
            $to = max($to, $x - $reach);
        }
        if ($from <= $to) {
            return [$from, $to, $middle];
        }
        // One place is enough; a little drift over the part itself, where there is room for it.
        foreach ($this->slices as $slice) {
            if ($slice->low <= $middle && $slice->high >= $middle) {
                [$left, $right] = $slice->at($middle);
                if (max($left, $to) < min($right, $from)) {
                    return [max($left, $to), min($right, $from), $middle];
                }
            }
        }

        return [($from + $to) / 2, ($from + $to) / 2, $middle];
    }
}
