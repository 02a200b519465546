<?php

declare(strict_types=1);

namespace Eskith\Core\Care;

/** A caution: what it is about, with the reading that calls for it, what to do, and why, where that is not plain. */
final readonly class Caution
{
    /** @param  string  $id  the same for the same danger, so that it is shown once */
    public function __construct(public string $id, public string $about, public string $todo, public string $why = '')
    {
    }
}
