<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Fish;

use Eskith\Core\Care\HeldIn;

/** Where a hook can hold a fish. */
final readonly class HeldData
{
    /** @param  string  $care  what to mind then; '' where nothing is */
    public function __construct(public HeldIn $value, public string $word, public string $care)
    {
    }
}
