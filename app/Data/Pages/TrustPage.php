<?php

declare(strict_types=1);

namespace App\Data\Pages;

use App\Data\LookBack\TrustData;

/** Whether rules or record deserve trust. */
final readonly class TrustPage extends Page
{
    /** @param  list<TrustData>  $trust */
    public function __construct(public string $headline, public array $trust)
    {
    }
}
