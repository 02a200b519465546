<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Words\Words;

/** What a rule says of a candidate: points, and the sentence that says why. */
final readonly class Verdict
{
    private function __construct(public float $points, public string $text)
    {
    }

    /**
     * Null for 0 points: such a rule is not listed among the reasons.
     *
     * @param  string  $template  what is said, as `Words::of` takes it, with its values
     */
    public static function of(float $points, string $template, string|int|float|null ...$values): ?self
    {
        return $points === 0.0 ? null : new self($points, Words::of($template, ...$values));
    }
}
