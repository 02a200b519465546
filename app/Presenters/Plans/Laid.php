<?php

declare(strict_types=1);

namespace App\Presenters\Plans;

use Eskith\Core\Water\Position;

/** What a plan lays out, before what is made of it is told. */
final readonly class Laid
{
    /**
     * @param  list<Position>  $line  of the wall, or round the area
     * @param  list<array{Position, Position}>  $ways  from and to, in order
     * @param  list<string>  $steps
     * @param  list<string>  $notes
     */
    public function __construct(
        public string $sentence = '',
        public array $line = [],
        public bool $closed = false,
        public array $ways = [],
        public array $steps = [],
        public array $notes = [],
        public float $minutes = 0.0,
        public float $alongM = 0.0,
    ) {
    }
}
