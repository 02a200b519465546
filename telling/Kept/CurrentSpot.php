<?php

declare(strict_types=1);

namespace Eskith\Telling\Kept;

/** Where the angler is: the spot by name, and what was noted of its water. */
final readonly class CurrentSpot
{
    public function __construct(public string $place, public string $water, public string $protected, public string $localRules)
    {
    }

    /** As it is kept: columns of a spot and of its water; null where they are at no spot of their own. */
    public static function read(mixed $spot, mixed $water, mixed $protected, mixed $localRules): ?self
    {
        return $spot === null ? null : new self(
            Coerce::text($spot).' · '.Coerce::text($water), Coerce::text($water), Coerce::text($protected), Coerce::text($localRules),
        );
    }
}
