<?php

declare(strict_types=1);

namespace App\Data\Rules;

/** What other rules do to today's order. */
final readonly class ChangesData
{
    /** @param  list<MoveData>  $moves  in the new order */
    public function __construct(
        public string $sentence,
        public array $moves,
    ) {
    }
}
