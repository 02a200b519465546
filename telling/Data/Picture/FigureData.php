<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Picture;

/** A figure with what it is of, as it stands under a picture. */
final readonly class FigureData
{
    public function __construct(public string $figure, public string $label)
    {
    }
}
