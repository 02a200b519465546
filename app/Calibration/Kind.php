<?php

declare(strict_types=1);

namespace App\Calibration;

/** What can be measured to replace an estimate. */
enum Kind: string
{
    case Drop = 'drop';
    case Hang = 'hang';
    case Drift = 'drift';
}
