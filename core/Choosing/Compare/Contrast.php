<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Compare;

use Eskith\Core\Choosing\Reason;

/** One rule that sets two picks apart, with what it says of each; null where it does not speak. */
final readonly class Contrast
{
    public function __construct(public string $rule, public ?Reason $first, public ?Reason $second)
    {
    }

    /** Points by which the rule puts the first ahead of the second; negative where behind. */
    public function lead(): float
    {
        return ($this->first->points ?? 0.0) - ($this->second->points ?? 0.0);
    }
}
