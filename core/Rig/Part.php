<?php

declare(strict_types=1);

namespace Eskith\Core\Rig;

use Eskith\Core\Units\InvalidInput;

/** One part between reel and fish: what it breaks at, N, and whether a knot sits on it. */
final readonly class Part
{
    /** Share of its strength that a part keeps where a knot sits on it. Estimate. */
    private const KNOT_KEEPS = 0.8;

    /** N: no line, ring or hook of this job holds more (about 450 lb). */
    public const STRONGEST_N = 2000.0;

    private function __construct(public string $name, public float $breakN, public bool $knotted)
    {
    }

    /** @throws InvalidInput unless it breaks somewhere above 0 and up to 2000 N */
    public static function of(string $name, float $breakN, bool $knotted = false, string $field = 'break_n'): self
    {
        if (! ($breakN > 0.0 && $breakN <= self::STRONGEST_N)) {
            throw InvalidInput::because(
                $field, 'The {name} must break above 0 and up to {most} N.', name: $name, most: self::STRONGEST_N,
            );
        }

        return new self($name, $breakN, $knotted);
    }

    /** N */
    public function holdsN(): float
    {
        return $this->breakN * ($this->knotted ? self::KNOT_KEEPS : 1.0);
    }
}
