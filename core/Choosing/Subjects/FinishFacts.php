<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Subjects;

use Eskith\Core\Tackle\Accent;
use Eskith\Core\Tackle\Finish;

/** What lures of one finish share: the main colour and what was added to it. */
final readonly class FinishFacts
{
    /** @param  list<Accent>  $accents */
    public function __construct(public string $finish, public array $accents)
    {
    }

    /** Whether it shows gold: as its finish, or added to another. */
    public function hasGold(): bool
    {
        return Finish::showsGold($this->finish, $this->accents);
    }

    public function redNearHooks(): bool
    {
        return in_array(Accent::RedNearHooks, $this->accents, true);
    }
}
