<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Picture;

/** The circle of bottom on the sonar. */
final readonly class SonarData
{
    public function __construct(
        public float $radiusM,
        public string $words,
        public bool $shows,
    ) {
    }
}
