<?php

declare(strict_types=1);

namespace App\Data\Places;

use Eskith\Telling\Enums\EdgeKind;

/** A line through places: m east and north, one after the other. */
final readonly class EdgeData
{
    /**
     * @param  list<float>  $points
     * @param  list<list<float>>  $lee  pieces of a shore that lie in the lee, as the points are
     */
    public function __construct(
        public string $uuid,
        public EdgeKind $kind,
        public string $word,
        public string $name,
        public array $points,
        public string $seenOn,
        public bool $old,
        public array $lee,
    ) {
    }
}
