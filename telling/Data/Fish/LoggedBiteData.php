<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Fish;

/** What is kept of a bite: where it came, which fish, and what became of it. '' where it was not said. */
final readonly class LoggedBiteData
{
    public function __construct(
        public string $came,
        public bool $fish,
        public string $species,
        public string $length,
        public bool $landed,
        public string $hook,
        public bool $bent,
        public string $lostAt,
        public string $kept,
        public string $girth = '',
        public string $tag = '',
        public string $tagContact = '',
        public string $card = '',
        public string $held = '',
        public string $scale = '',
    ) {
    }
}
