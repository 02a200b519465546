<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/** A part of a day with one light; minutes after local midnight. Null light: night. */
final readonly class LightSpan
{
    public function __construct(public float $fromMin, public float $toMin, public ?Light $light)
    {
    }
}
