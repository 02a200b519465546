<?php

declare(strict_types=1);

namespace Eskith\Telling\Choosing;

use Eskith\Core\Record\Level;

/** What a record says of one fish in water of one temperature. */
final readonly class KeptLearning
{
    /** Of what its lists are made. */
    public const LISTS = ['levels' => Level::class];

    /** @param  list<Level>  $levels */
    public function __construct(
        public string $species,
        public int $band,
        public float $rate,
        public float $meanOuting,
        public array $levels,
    ) {
    }
}
