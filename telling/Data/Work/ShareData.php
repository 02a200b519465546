<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Work;

/** A part of an hour. */
final readonly class ShareData
{
    public function __construct(public string $word, public float $share, public string $text)
    {
    }
}
