<?php

declare(strict_types=1);

namespace App\Data\Rules;

use Eskith\Telling\Data\OptionData;

/** A reading that a rule can ask for: a measure, or one with choices. */
final readonly class ReadingWordsData
{
    /** @param  list<OptionData>  $choices  none for a measure */
    public function __construct(
        public string $name,
        public string $word,
        public array $choices,
    ) {
    }
}
