<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Water;

/** Which weight where: the lightest that stays vertical, by depth down and drift or line across. */
final readonly class ChartData
{
    /**
     * @param  'drift'|'line'  $across
     * @param  'box'|'series'  $of
     * @param  list<string>  $columns
     * @param  list<string>  $columnTexts  what to set when a cell is chosen
     * @param  list<ChartRowData>  $rows
     */
    public function __construct(
        public string $across,
        public string $of,
        public string $acrossLabel,
        public array $columns,
        public array $columnTexts,
        public array $rows,
        public string $sentence,
        public string $note,
    ) {
    }
}
