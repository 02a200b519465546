<?php

declare(strict_types=1);

namespace App\Data\Pages;

/** What every page knows. */
final readonly class SharedProps
{
    /**
     * @param  string|null  $said  what was just done, in a sentence
     * @param  int|null  $anglerId  under which the device keeps what is only this angler's
     * @param  string  $madeAt  when the page was made, ISO 8601: without a signal it is shown as it was then
     */
    public function __construct(
        public ?string $angler,
        public string $theme,
        public bool $demo,
        public ?string $said,
        public ?int $anglerId,
        public string $madeAt,
    ) {
    }
}
