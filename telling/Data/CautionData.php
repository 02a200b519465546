<?php

declare(strict_types=1);

namespace Eskith\Telling\Data;

/**
 * A caution: what it is about, what to do, and why where that is not plain. The id stays the same for the same danger, so that it
 * is shown once.
 */
final readonly class CautionData
{
    public function __construct(
        public string $id,
        public string $about,
        public string $todo,
        public string $why,
    ) {
    }
}
