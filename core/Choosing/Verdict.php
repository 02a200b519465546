<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** What a rule says of a candidate: points, and the sentence that says why. */
final readonly class Verdict
{
    private function __construct(public float $points, public string $text)
    {
    }

    /** Null for 0 points: such a rule is not listed among the reasons. */
    public static function of(float $points, string $text): ?self
    {
        return $points === 0.0 ? null : new self($points, $text);
    }
}
