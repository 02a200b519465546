<?php

declare(strict_types=1);

namespace Eskith\Telling\Kept;

/** What an angler has in hand beside the box, and how the day goes: read where it is asked for, or kept. */
interface AtHand
{
    /** Null for none. */
    public function rod(): ?KeptRod;

    /** @return list<KeptLine> all of them, in the order in which they came */
    public function lines(): array;

    /** @return list<KeptOnBoard> in the order in which they came */
    public function rods(): array;

    /** @return list<KeptSpot> where one can move to */
    public function spots(): array;

    /** Fish, snags and rock since the leader of the rod in hand was tied. */
    public function worn(): int;

    /** Null between outings. */
    public function pace(): ?Pace;
}
