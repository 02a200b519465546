<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Fish;

/** A rod on board, and what is on it. */
final readonly class RodOnBoardData
{
    /**
     * @param  string  $tied  in words; '' while nothing is on it
     * @param  string  $way  how that is fished: hole and cadence
     * @param  string|null  $setup  uuid of that
     * @param  string|null  $quietSince  since when nothing has touched that
     */
    public function __construct(
        public string $uuid,
        public string $name,
        public bool $inHand,
        public bool $still,
        public string $tied,
        public string $way,
        public ?string $setup,
        public ?string $quietSince,
        public ?TallyData $tally,
    ) {
    }
}
