<?php

declare(strict_types=1);

namespace Eskith\Telling\Data;

/** A choice and the word for it. */
final readonly class OptionData
{
    public function __construct(
        public string $value,
        public string $word,
    ) {
    }
}
