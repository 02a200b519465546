<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Rigged;

/** What a check found: a sentence with its number, and what would mend it; '' where nothing has to be. */
final readonly class Finding
{
    /** @param  bool|null  $good  null when something has to be read first */
    public function __construct(public RigCheck $check, public ?bool $good, public string $says, public string $mend = '')
    {
    }
}
