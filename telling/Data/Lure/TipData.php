<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Lure;

/** What a reading must become before another lure comes on top. */
final readonly class TipData
{
    /**
     * @param  string  $short  the nearest, for the strip of readings; empty when nothing tips
     * @param  list<TipSentenceData>  $sentences
     */
    public function __construct(
        public string $label,
        public string $short,
        public array $sentences,
    ) {
    }
}
