<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence;

/** How a bite shows before it is felt as a fish. */
enum BiteSign: string
{
    case EarlyCount = 'early_count';
    case Tick = 'tick';
    case LineAside = 'line_aside';
    case BellyTightens = 'belly_tightens';
    case Weight = 'weight';

    public function shows(): string
    {
        return match ($this) {
            self::EarlyCount => 'the count ends early',
            self::Tick => 'a tick in the line',
            self::LineAside => 'the line moves aside',
            self::BellyTightens => 'the belly tightens',
            self::Weight => 'a weight as the lift begins',
        };
    }

    /** In which part of a repeat it comes. */
    public function phase(): string
    {
        return match ($this) {
            self::EarlyCount, self::Tick => 'fall',
            self::LineAside, self::BellyTightens => 'rest',
            self::Weight => 'lift',
        };
    }
}
