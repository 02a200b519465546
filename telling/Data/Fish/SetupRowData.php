<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Fish;

/** What was on a rod for a while. */
final readonly class SetupRowData
{
    /**
     * @param  string  $change  what of the one before was changed: "finish", "hole"; '' for the first on its rod
     * @param  string  $place  the spot; '' where all of the outing was at one
     */
    public function __construct(
        public string $uuid,
        public string $words,
        public string $way,
        public string $rod,
        public string $place,
        public string $from,
        public string $hours,
        public int $touches,
        public int $landed,
        public string $change,
    ) {
    }
}
