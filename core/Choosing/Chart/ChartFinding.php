<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Chart;

use Eskith\Core\Choosing\Verdict;
use Eskith\Core\Water\Relief\Structure;

/** One thing that speaks for a part of a bottom, or against it; like a rule it can be switched off and weighed. */
final readonly class ChartFinding
{
    /**
     * @param  string  $says  what it holds, in a sentence
     * @param  float  $stake  points it gives or takes at most
     * @param  \Closure(Structure, ChartDay): (Verdict|null)  $judge  null where it says nothing
     */
    public function __construct(public string $id, public string $says, public float $stake, public \Closure $judge)
    {
    }
}
