<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Picture;

/** A cast from the side, m from the rod and above the bottom: where it splashes and its way down. */
final readonly class CastShapeData
{
    /**
     * @param  list<PointData>  $path  from the splash to where the lure comes to be
     * @param  list<FigureData>  $figures  what it means, for under the picture
     * @param  string  $swept  a sentence where the water takes the lure along; ''
     */
    public function __construct(
        public float $lengthM,
        public array $path,
        public array $figures,
        public string $landsText,
        public string $runsText,
        public string $swept,
    ) {
    }
}
