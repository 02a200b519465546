<?php

declare(strict_types=1);

namespace Eskith\Core\Tackle;

use Eskith\Core\Units\Constants;
use Eskith\Core\Units\InvalidInput;

/** How a lure falls: a blade at its hang angle, a spoon fluttering or taut, a spinner turning or stalled. */
final readonly class Attitude
{
    private function __construct(public float $dragFalling, public string $name, public bool $measured = false)
    {
    }

    /** A blade at this hang angle, degrees nose down: 2.7 cos²β + 1.15 sin²β. */
    public static function hanging(float $degrees): self
    {
        $beta = deg2rad($degrees);

        return new self(2.7 * cos($beta) ** 2 + 1.15 * sin($beta) ** 2, 'hanging');
    }

    /** What a timed drop of this very lure gave. */
    public static function measured(float $drag): self
    {
        return new self($drag, 'measured', true);
    }

    /**
     * By name (`flutter`, `taut`, `spinning`, `stalled`) or, for a blade, its hang angle in degrees.
     *
     * @throws InvalidInput when the family does not fall that way
     */
    public static function of(Family $family, string|float|int $how): self
    {
        $definition = $family->definition();
        if ($family->hangs()) {
            if (is_string($how) || ! (abs($how) <= 180)) {
                throw InvalidInput::because(
                    'attitude', 'A {definition} falls at a hang angle: give degrees between −180 and 180.', definition: $definition->word,
                );
            }

            return self::hanging((float) $how);
        }
        $drag = is_string($how) ? $definition->falls[$how] ?? null : null;
        if ($drag === null) {
            throw InvalidInput::because(
                'attitude', 'A {definition} falls "{falls}".',
                definition: $definition->word, falls: implode('" or "', array_keys($definition->falls)),
            );
        }

        return new self($drag, $how);
    }

    /** The usual way down: a blade at its hang angle, a spoon fed with slack, a spinner turning. */
    public static function usual(Family $family, ?float $hangDegrees): self
    {
        return $family->hangs()
            ? self::hanging($hangDegrees ?? Constants::BLADE_HANG_DEG)
            : self::of($family, (string) array_key_first($family->definition()->falls));
    }

    /** On a tight line or a running spool. */
    public static function tight(Family $family, ?float $hangDegrees): self
    {
        return $family->definition()->tightHasItsOwn
            ? self::of($family, (string) array_key_last($family->definition()->falls))
            : self::usual($family, $hangDegrees);
    }
}
