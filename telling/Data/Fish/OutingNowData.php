<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Fish;

use Eskith\Telling\Data\Picture\ColumnData;

/** An outing as it is now, and the picture of what is on the rod in hand. */
final readonly class OutingNowData
{
    public function __construct(public OutingData $outing, public ColumnData $column)
    {
    }
}
