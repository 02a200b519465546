<?php

declare(strict_types=1);

namespace App\Data\LookBack;

/** Touched, hooked, landed, fouled of the drops, and turned away of the fish seen after the lure. */
final readonly class StageData
{
    public function __construct(
        public string $level, public int $touches, public ShareOfData $hooked, public ShareOfData $landed, public ShareOfData $fouled,
        public ShareOfData $refused,
    ) {
    }
}
