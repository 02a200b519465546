<?php

declare(strict_types=1);

namespace Eskith\Telling\Kept;

/** What an angler has in hand, read before. */
final readonly class KeptAtHand implements AtHand
{
    /** Of what its lists are made. */
    public const LISTS = ['lines' => KeptLine::class, 'rods' => KeptOnBoard::class, 'spots' => KeptSpot::class];

    /**
     * @param  list<KeptLine>  $lines
     * @param  list<KeptOnBoard>  $rods
     * @param  list<KeptSpot>  $spots
     */
    public function __construct(
        public ?KeptRod $rod, public array $lines, public array $rods, public array $spots, public int $worn, public ?Pace $pace,
    ) {
    }

    /** All of it read, to be taken along. */
    public static function of(AtHand $hand): self
    {
        return $hand instanceof self ? $hand : new self(
            rod: $hand->rod(), lines: $hand->lines(), rods: $hand->rods(), spots: $hand->spots(), worn: $hand->worn(),
            pace: $hand->pace(),
        );
    }

    public function rod(): ?KeptRod
    {
        return $this->rod;
    }

    public function lines(): array
    {
        return $this->lines;
    }

    public function rods(): array
    {
        return $this->rods;
    }

    public function spots(): array
    {
        return $this->spots;
    }

    public function worn(): int
    {
        return $this->worn;
    }

    public function pace(): ?Pace
    {
        return $this->pace;
    }

    /** With another rod in hand, and its line on the reel. */
    public function holding(KeptOnBoard $rod): self
    {
        $has = $rod->line !== null && in_array($rod->line, array_column($this->lines, 'id'), true);

        return new self(
            rod: $rod->rod,
            lines: $has
                ? array_map(static fn (KeptLine $line): KeptLine => $line->onTheReel($line->id === $rod->line), $this->lines)
                : $this->lines,
            rods: $this->rods,
            spots: $this->spots,
            worn: $rod->worn,
            pace: $this->pace,
        );
    }

    /** With a rod worn more, or less. */
    public function wearing(KeptOnBoard $rod, int $more, ?int $inHand): self
    {
        $worn = $rod->wearing($more);

        return new self(
            rod: $this->rod,
            lines: $this->lines,
            rods: array_map(static fn (KeptOnBoard $one): KeptOnBoard => $one->id === $rod->id ? $worn : $one, $this->rods),
            spots: $this->spots,
            worn: $rod->id === $inHand ? $worn->worn : $this->worn,
            pace: $this->pace,
        );
    }

    /** With a spot that is new. */
    public function knowing(KeptSpot $spot): self
    {
        $known = in_array($spot->id, array_column($this->spots, 'id'), true);

        return new self(
            rod: $this->rod, lines: $this->lines, rods: $this->rods, spots: $known ? $this->spots : [...$this->spots, $spot],
            worn: $this->worn, pace: $this->pace,
        );
    }

    /** @param  Pace|null  $pace  null between outings */
    public function going(?Pace $pace): self
    {
        return new self(
            rod: $this->rod, lines: $this->lines, rods: $this->rods, spots: $this->spots, worn: $this->worn, pace: $pace,
        );
    }
}
