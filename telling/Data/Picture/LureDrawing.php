<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Picture;

use Eskith\Core\Tackle\Family;

/** What is needed to draw a lure true to its measures, in millimetres. */
final readonly class LureDrawing
{
    /**
     * @param  list<HoleData>  $holes
     * @param  list<string>  $accents  what was added to the finish
     */
    public function __construct(
        public Family $family,
        public float $lengthMm,
        public float $heightMm,
        public array $holes,
        public ?float $balanceX,
        public ?float $balanceY,
        public string $finish,
        public bool $red,
        public array $accents,
        public string $words,
    ) {
    }
}
