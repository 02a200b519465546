<?php

declare(strict_types=1);

namespace App\Data\Rig;

/** The same rig as another school ties it, and what that trades. */
final readonly class OtherRigData
{
    /** @param  list<string>  $trades  a few words each: "starts sooner" */
    public function __construct(
        public string $label,
        public string $starts,
        public string $hooks,
        public string $holds,
        public array $trades,
    ) {
    }
}
