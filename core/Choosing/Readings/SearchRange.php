<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Readings;

/** How a measure is moved to see what it would change; SI, temperatures °C. */
final readonly class SearchRange
{
    /**
     * @param  float  $step  a step away from where it stands: added, or multiplied where it goes by ratio
     * @param  float  $lowest  looked at
     * @param  float  $highest  looked at
     * @param  float  $grain  how finely the place is found where the choice tips
     * @param  list<float>  $guesses  values tried where it was not read
     */
    public function __construct(
        public float $step,
        public float $lowest,
        public float $highest,
        public float $grain,
        public array $guesses,
        public bool $byRatio = false,
    ) {
    }
}
