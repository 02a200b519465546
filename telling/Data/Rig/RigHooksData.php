<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Rig;

/** The hook setup of the lure on the rig, and the version of the lure it is of. */
final readonly class RigHooksData
{
    /** @param  string  $attach  "ring", "loop", or '' where it was not said */
    public function __construct(
        public int $lure,
        public int $version,
        public bool $spoon,
        public string $attach,
        public bool $stinger,
        public bool $drilled,
        public bool $weedless,
    ) {
    }
}
