<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** A rule that applied to a pick, with its points and its sentence. */
final readonly class Reason
{
    public function __construct(public string $rule, public float $points, public string $text)
    {
    }
}
