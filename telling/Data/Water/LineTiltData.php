<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Water;

/** How far a line leans along which a phone was held. */
final readonly class LineTiltData
{
    /**
     * @param  string  $sentence  how far, or what to do so that it is known
     * @param  string|null  $angle  as it would be typed; null where it was not still
     */
    public function __construct(public string $sentence, public ?string $angle)
    {
    }
}
