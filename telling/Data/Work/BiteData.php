<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Work;

/** How a bite shows, and in which part of a repeat: "fall", "rest" or "lift". */
final readonly class BiteData
{
    public function __construct(public string $sign, public string $shows, public string $phase)
    {
    }
}
