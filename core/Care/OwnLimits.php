<?php

declare(strict_types=1);

namespace Eskith\Core\Care;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Unit;
use Eskith\Core\Words\Words;

/**
 * What an angler has written down for one kind of fish on one water: sizes, a slot that goes back, a bag, closed days. Their
 * own card, never the law. Lengths in metres; days as "MM-DD", the last included; a span may run over the turn of the year.
 */
final readonly class OwnLimits
{
    private function __construct(
        public ?float $shortestM,
        public ?float $longestM,
        public ?float $slotFromM,
        public ?float $slotToM,
        public ?int $bag,
        public ?string $closedFrom,
        public ?string $closedTo,
    ) {
    }

    /** @throws InvalidInput when they contradict each other, or nothing is said */
    public static function of(
        ?float $shortestM = null, ?float $longestM = null, ?float $slotFromM = null, ?float $slotToM = null,
        ?int $bag = null, ?string $closedFrom = null, ?string $closedTo = null,
    ): self {
        if ($shortestM !== null && $longestM !== null && $shortestM >= $longestM) {
            throw InvalidInput::because('longest', 'The longest to keep is longer than the shortest.');
        }
        if (($slotFromM === null) !== ($slotToM === null) || ($slotFromM !== null && $slotFromM >= $slotToM)) {
            throw InvalidInput::because('slot_to', 'A slot has two lengths, the shorter first.');
        }
        if ($bag !== null && ($bag < 0 || $bag > 500)) {
            throw InvalidInput::because('bag', 'A bag holds 0 to 500 fish a day.');
        }
        if (($closedFrom === null) !== ($closedTo === null)) {
            throw InvalidInput::because('closed_to', 'Closed days have a first and a last.');
        }
        foreach (['closed_from' => $closedFrom, 'closed_to' => $closedTo] as $field => $day) {
            $found = [];
            if (preg_match('/^(\d\d)-(\d\d)$/D', $day ?? '01-01', $found) !== 1 || ! checkdate((int) $found[1], (int) $found[2], 2024)) {
                throw InvalidInput::because($field, 'A day is written as month and day: 03-15.');
            }
        }
        if ($shortestM === null && $longestM === null && $slotFromM === null && $bag === null && $closedFrom === null) {
            throw InvalidInput::because('shortest', 'Write down at least one thing: a length, a slot, a bag or closed days.');
        }

        return new self(
            shortestM: $shortestM, longestM: $longestM, slotFromM: $slotFromM, slotToM: $slotToM, bag: $bag,
            closedFrom: $closedFrom, closedTo: $closedTo,
        );
    }

    /** "from 15 in, 20–25 in goes back, up to 28 in, 4 a day, closed 03-15 to 04-30" */
    public function words(Unit $length): string
    {
        return implode(', ', array_filter([
            $this->shortestM === null ? '' : Words::of('from {length}', length: $length->print($this->shortestM)),
            $this->slotFromM === null ? '' : Words::of(
                '{length} to {upTo} goes back',
                length: $length->print($this->slotFromM), upTo: $length->print((float) $this->slotToM),
            ),
            $this->longestM === null ? '' : Words::of('up to {length}', length: $length->print($this->longestM)),
            $this->bag === null ? '' : "{$this->bag} a day",
            $this->closedFrom === null ? '' : Words::of('closed {from} to {to}', from: $this->closedFrom, to: $this->closedTo),
        ], static fn (string $part): bool => $part !== ''));
    }

    /**
     * Why a fish goes back by this card; null when nothing of it says so, or its length is not known and would decide.
     *
     * @param  string  $day  "MM-DD"
     * @param  int  $kept  of its kind today, before this one
     */
    public function goesBack(?float $lengthM, string $day, int $kept): ?string
    {
        return match (true) {
            $this->isClosed($day) => 'closed today',
            $this->bag !== null && $kept >= $this->bag => $this->bag === 0 ? 'none to keep' : Words::of(
                'the bag of {bag} is full', bag: $this->bag,
            ),
            $lengthM === null => null,
            $this->shortestM !== null && $lengthM < $this->shortestM => 'shorter than your card says',
            $this->longestM !== null && $lengthM > $this->longestM => 'longer than your card says',
            $this->slotFromM !== null && $lengthM >= $this->slotFromM && $lengthM <= $this->slotToM => 'within the slot',
            default => null,
        };
    }

    public function isClosed(string $day): bool
    {
        return match (true) {
            $this->closedFrom === null => false,
            $this->closedFrom <= $this->closedTo => $day >= $this->closedFrom && $day <= $this->closedTo,
            default => $day >= $this->closedFrom || $day <= $this->closedTo,
        };
    }
}
