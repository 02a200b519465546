<?php

declare(strict_types=1);

namespace Eskith\Telling\Kept;

use Eskith\Core\Rig\Connector;
use Eskith\Core\Rig\Material;

/** A rod as it is kept, from line to lure; what it holds may be none. */
final readonly class KeptRod
{
    /**
     * @param  Material|null  $leader  null when the main line goes to the lure, or for one that is not known
     * @param  float|null  $leaderN  N
     * @param  float|null  $leaderM  m
     * @param  Connector|null  $connector  null for one that is not known
     */
    public function __construct(
        public float $lengthM,
        public float $liftsKg,
        public ?Material $leader,
        public ?float $leaderN,
        public ?float $leaderM,
        public ?Connector $connector,
    ) {
    }
}
