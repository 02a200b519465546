<?php

declare(strict_types=1);

namespace App\Data\LookBack;

/** Touched, hooked, landed, and fouled of the drops. */
final readonly class StageData
{
    public function __construct(
        public string $level, public int $touches, public ShareOfData $hooked, public ShareOfData $landed, public ShareOfData $fouled,
    ) {
    }
}
