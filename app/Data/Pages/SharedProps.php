<?php

declare(strict_types=1);

namespace App\Data\Pages;

/** What every page knows. */
final readonly class SharedProps
{
    /** @param  string|null  $said  what was just done, in a sentence */
    public function __construct(
        public ?string $angler,
        public string $theme,
        public bool $demo,
        public ?string $said,
    ) {
    }
}
