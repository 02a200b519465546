<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Fish;

/** What another of the crew logged. */
final readonly class CrewEventData
{
    public function __construct(public string $who, public string $words, public string $at, public string $depthText)
    {
    }
}
