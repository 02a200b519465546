<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Water;

/** A depth of the weight chart. */
final readonly class ChartRowData
{
    /**
     * @param  list<CellData>  $cells
     */
    public function __construct(
        public string $depth,
        public array $cells,
    ) {
    }
}
