<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Readings;

/** How a reading is given. */
enum Kind: string
{
    case Measure = 'measure';
    case Choice = 'choice';
    case Choices = 'choices';
    case Flag = 'flag';
}
