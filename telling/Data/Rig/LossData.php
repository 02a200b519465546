<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Rig;

/** What a lift loses with one weight, by line diameter. */
final readonly class LossData
{
    /**
     * @param  list<string>  $lost  in the order of the diameters; a dash where the line does not reach the bottom
     * @param  list<float|null>  $shares  of the lift
     */
    public function __construct(public string $weight, public bool $mine, public array $lost, public array $shares)
    {
    }
}
