<?php

declare(strict_types=1);

namespace App\Data\Pages;

use App\Data\Rules\ChangesData;
use App\Data\Rules\ReadingWordsData;
use App\Data\Rules\RuleGroupData;

final readonly class RulesPage extends Page
{
    /**
     * @param  string  $headline  what is chosen by them today
     * @param  list<RuleGroupData>  $groups
     * @param  list<ReadingWordsData>  $readings  what an own rule may ask for
     * @param  list<string>  $families
     * @param  list<string>  $finishes
     */
    public function __construct(
        public string $headline,
        public array $groups,
        public ChangesData $changes,
        public bool $asItComes,
        public array $readings,
        public array $families,
        public array $finishes,
    ) {
    }
}
