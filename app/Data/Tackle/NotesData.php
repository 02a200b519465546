<?php

declare(strict_types=1);

namespace App\Data\Tackle;

/** What the angler has noted of the rules of a water. */
final readonly class NotesData
{
    /** @param  list<CardRuleData>  $card */
    public function __construct(
        public int $id,
        public string $water,
        public string $rules,
        public string $protectedFish,
        public array $card,
    ) {
    }
}
