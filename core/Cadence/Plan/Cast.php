<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence\Plan;

use Eskith\Core\Water\Position;

/** One cast of a plan: where one stands, where one aims, and where the lure lands in the end. */
final readonly class Cast
{
    public function __construct(public Position $stand, public Position $aim, public Position $lands)
    {
    }
}
