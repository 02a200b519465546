<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Fish;

/** A spot one can move to. */
final readonly class SpotChoiceData
{
    /** @param  string  $depth  in words; '' where it is not known */
    public function __construct(
        public int $id,
        public string $name,
        public string $water,
        public string $depth,
    ) {
    }
}
