<?php

declare(strict_types=1);

namespace Eskith\Telling\Day;

use Eskith\Core\Record\Spans;
use Eskith\Telling\Kept\KeptPause;

/** How long ago something was by the clock of a rod, which stands while the rod rests. */
final readonly class RestsOfRods
{
    /**
     * @param  list<KeptPause>  $pauses
     * @param  float  $now  s since the epoch
     */
    public function __construct(private array $pauses, private float $now)
    {
    }

    /** Hours fished since a moment, on a rod; none since what is no moment. */
    public function ageH(?float $moment, int $rod): float
    {
        $age = $this->agoH($moment ?? $this->now);
        if ($this->pauses === []) {
            return $age;
        }
        $spans = [];
        foreach ($this->pauses as $pause) {
            if ($pause->rod === null || $pause->rod === $rod) {
                $spans[] = [-$this->agoH($pause->from), $pause->until === null ? 0.0 : -$this->agoH($pause->until)];
            }
        }

        return Spans::outside(Spans::union($spans), -$age, 0.0);
    }

    private function agoH(float $moment): float
    {
        return max(0.0, ($this->now - $moment) / 3600);
    }
}
