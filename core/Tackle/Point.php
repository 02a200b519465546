<?php

declare(strict_types=1);

namespace Eskith\Core\Tackle;

use Eskith\Core\Units\InvalidInput;

/** A place on a lure, millimetres: x from the nose toward the tail, y up toward the back. */
final readonly class Point
{
    private function __construct(public float $x, public float $y)
    {
    }

    /** @throws InvalidInput when a figure is not one of a lure */
    public static function of(float $x, float $y, string $field = 'point'): self
    {
        if (! (abs($x) <= 300 && abs($y) <= 300)) {
            throw InvalidInput::because($field, 'A place on a lure is given in millimetres from the nose, within 300 mm.');
        }

        return new self($x, $y);
    }
}
