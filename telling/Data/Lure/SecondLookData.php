<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Lure;

use Eskith\Telling\Data\LookBack\RepeatData;

/** The choice looked at again: what the other schools say, what would change it, which missing reading matters most. */
final readonly class SecondLookData
{
    /**
     * @param  list<SchoolData>  $schools
     * @param  array<string, TipData>  $tips  by reading, those that can tip the choice first
     * @param  string|null  $wanted  a sentence on the missing reading that would matter most
     * @param  RepeatData|null  $before  what worked here before at such temperatures
     * @param  string  $still  a sentence on the readings that change nothing
     */
    public function __construct(
        public array $schools,
        public array $tips,
        public ?string $wanted,
        public string $still,
        public ?RepeatData $before = null,
    ) {
    }
}
