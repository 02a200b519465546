<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Rig;

/** What one check of the rig found. */
final readonly class FindingData
{
    /** @param  bool|null  $good  null when something has to be read first */
    public function __construct(public string $check, public string $word, public ?bool $good, public string $says, public string $mend)
    {
    }
}
