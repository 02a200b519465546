<?php

declare(strict_types=1);

namespace Eskith\Core\Rig;

use Eskith\Core\Words\Words;

/** The hooks of a lure as far as they are known: sizes count down as hooks grow. */
final readonly class Hooks
{
    /**
     * @param  bool|null  $loops  hung on braided loops (true) or split rings (false); null where not known
     * @param  bool  $stinger  a single on a soft loop at the head
     * @param  bool  $twoEnded  drilled at the tail, so that it carries two hooks
     * @param  bool  $weedless  that weed does not catch on
     */
    public function __construct(
        public ?int $front = null,
        public ?int $rear = null,
        public ?bool $loops = null,
        public bool $stinger = false,
        public bool $twoEnded = false,
        public bool $weedless = false,
    ) {
    }

    public function isBellyLarge(): bool
    {
        return $this->front !== null && $this->rear !== null && $this->front <= $this->rear;
    }

    /** Whether a spoon holds a fish by one hook alone. */
    public function isOnlyOne(): bool
    {
        return ! $this->stinger && ! $this->twoEnded;
    }

    /** "front 8 and rear 6, on split rings, with a stinger"; '' where nothing is known. */
    public function words(): string
    {
        return implode(', ', array_filter([
            implode(' and ', array_filter([
                $this->front === null ? '' : Words::of(
                    'front {front}', front: $this->front,
                ), $this->rear === null ? '' : Words::of(
                    'rear {rear}', rear: $this->rear,
                ),
            ])),
            $this->loops === null ? '' : ($this->loops ? 'on braided loops' : 'on split rings'),
            $this->stinger ? 'with a stinger at the head' : '',
            $this->twoEnded ? 'drilled for a second hook at the tail' : '',
            $this->weedless ? 'weedless' : '',
        ]));
    }
}
