<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence\Plan;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Position;

/** A simple polygon on the water: its edges neither cross nor touch. */
final readonly class Area
{
    /** m² of the least area, and m² for what counts as no turn. */
    private const TINY = 1e-9;

    /** @param  non-empty-list<Position>  $corners */
    private function __construct(public array $corners)
    {
    }

    /**
     * @param  list<Position>  $corners  in order; the first may stand again at the end
     *
     * @throws InvalidInput unless it is simple and has an area
     */
    public static function of(array $corners, string $field = 'area'): self
    {
        $corners = Limits::points($corners, $field);
        if (count($corners) > 1 && $corners[0]->distanceTo($corners[count($corners) - 1]) < self::TINY) {
            array_pop($corners);
        }
        $area = count($corners) < 3 ? null : new self($corners);
        if ($area === null || $area->squareM() < self::TINY) {
            throw InvalidInput::because($field, 'An area has at least three corners that do not lie in one line.');
        }
        if (! $area->isSimple()) {
            throw InvalidInput::because($field, 'The edges of an area do not cross or touch each other. Draw it round once.');
        }

        return $area;
    }

    /** m² */
    public function squareM(): float
    {
        $twice = 0.0;
        foreach ($this->edges() as [$a, $b]) {
            $twice += ($a->east - $this->corners[0]->east) * ($b->north - $this->corners[0]->north)
                - ($b->east - $this->corners[0]->east) * ($a->north - $this->corners[0]->north);
        }

        return abs($twice) / 2;
    }

    /** @return list<array{Position, Position}> */
    public function edges(): array
    {
        $count = count($this->corners);

        return array_map(
            fn (Position $corner, int $i): array => [$corner, $this->corners[($i + 1) % $count]],
            $this->corners, array_keys($this->corners),
        );
    }

    private function isSimple(): bool
    {
        $edges = $this->edges();
        $count = count($edges);
        foreach ($edges as $i => [$a, $b]) {
            [, $c] = $edges[($i + 1) % $count];
            // Straight back over itself.
            if (abs(self::turn($a, $b, $c)) < self::TINY && ($b->east - $a->east) * ($c->east - $b->east)
                + ($b->north - $a->north) * ($c->north - $b->north) < 0.0) {
                return false;
            }
            for ($j = $i + 2; $j < $count; $j++) {
                if (($j + 1) % $count !== $i && self::meet($a, $b, ...$edges[$j])) {
                    return false;
                }
            }
        }

        return true;
    }

    private static function meet(Position $a, Position $b, Position $c, Position $d): bool
    {
        if (max($a->east, $b->east) < min($c->east, $d->east) || max($c->east, $d->east) < min($a->east, $b->east)
            || max($a->north, $b->north) < min($c->north, $d->north) || max($c->north, $d->north) < min($a->north, $b->north)) {
            return false;
        }

        return self::turn($a, $b, $c) * self::turn($a, $b, $d) <= 0.0 && self::turn($c, $d, $a) * self::turn($c, $d, $b) <= 0.0;
    }

    /** Twice the area of the triangle: above 0 where the way turns left. */
    private static function turn(Position $a, Position $b, Position $c): float
    {
        return ($b->east - $a->east) * ($c->north - $a->north) - ($b->north - $a->north) * ($c->east - $a->east);
    }
}
