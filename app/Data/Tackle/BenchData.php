<?php

declare(strict_types=1);

namespace App\Data\Tackle;

use Eskith\Telling\Data\PictureData;

/** One lure on the bench. */
final readonly class BenchData
{
    /**
     * @param  list<RoleData>  $roles
     * @param  list<string>  $connector  what a ring or snap does
     * @param  list<string>  $hookAdvice
     * @param  list<PictureData>  $pictures  the oldest first
     */
    public function __construct(
        public LureData $lure,
        public string $fields,
        public array $roles,
        public string $balanceWords,
        public array $connector,
        public array $hookAdvice,
        public string $sinceHooks,
        public array $pictures,
    ) {
    }
}
