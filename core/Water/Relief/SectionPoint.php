<?php

declare(strict_types=1);

namespace Eskith\Core\Water\Relief;

/** Metres along a section, and how deep it is there; null where nothing is known. */
final readonly class SectionPoint
{
    public function __construct(public float $alongM, public ?float $depthM)
    {
    }
}
