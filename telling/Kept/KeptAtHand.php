<?php

declare(strict_types=1);

namespace Eskith\Telling\Kept;

/** What an angler has in hand, read before. */
final readonly class KeptAtHand implements AtHand
{
    /** Of what its lists are made. */
    public const LISTS = ['lines' => KeptLine::class];

    /** @param  list<KeptLine>  $lines */
    public function __construct(public ?KeptRod $rod, public array $lines, public int $worn, public ?Pace $pace)
    {
    }

    /** All of it read, to be taken along. */
    public static function of(AtHand $hand): self
    {
        return new self($hand->rod(), $hand->lines(), $hand->worn(), $hand->pace());
    }

    public function rod(): ?KeptRod
    {
        return $this->rod;
    }

    public function lines(): array
    {
        return $this->lines;
    }

    public function worn(): int
    {
        return $this->worn;
    }

    public function pace(): ?Pace
    {
        return $this->pace;
    }
}
