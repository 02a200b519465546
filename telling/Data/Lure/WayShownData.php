<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Lure;

use Eskith\Telling\Data\Picture\ColumnData;

/** One way to fish, with the picture of it. */
final readonly class WayShownData
{
    /** @param  PickData|null  $chosen  null where it is not fished so today */
    public function __construct(public ?PickData $chosen, public ColumnData $column)
    {
    }
}
