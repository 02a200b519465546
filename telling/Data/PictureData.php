<?php

declare(strict_types=1);

namespace Eskith\Telling\Data;

/** A picture that is kept: where it is had from follows from its uuid. */
final readonly class PictureData
{
    /**
     * @param  int  $width  dots
     * @param  int  $height  dots
     */
    public function __construct(public string $uuid, public int $width, public int $height)
    {
    }
}
