<?php

declare(strict_types=1);

namespace App\Presenters\Places;

use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Units\Unit;
use Eskith\Core\Water\Covered;
use Eskith\Core\Words\Words;
use Eskith\Telling\Water\Distance;

/** How much of a line was fished and what bit along it, in words. */
final readonly class CoveredWords
{
    /** A rate is told on about so many m or ft of a line. */
    private const RATE_ON = [Unit::Metre->value => 100.0, Unit::Foot->value => 300.0];

    public function __construct(private UnitFormat $say)
    {
    }

    /** "3 bites, 0.9 on 300 ft" */
    public function bites(Covered $covered): string
    {
        $rate = $this->rate($covered);
        $many = match ($covered->bites) {
            0 => 'no bites',
            1 => '1 bite',
            default => Words::of('{bites} bites', bites: $covered->bites),
        };

        return $covered->bites === 0 || $rate === null ? $many : Words::of(
            '{many}, {rate} on {on}', many: $many, rate: $rate, on: $this->on(),
        );
    }

    /** Bites on as much of the line as on() says; null where too little was fished to say. */
    public function rate(Covered $covered): ?float
    {
        $rate = $covered->per100M();
        $unit = $this->say->units->depth;

        return $rate === null ? null : round($rate * $unit->toSi(self::RATE_ON[$unit->value] ?? 100.0) / 100.0, 1);
    }

    /** "300 ft" */
    public function on(): string
    {
        $unit = $this->say->units->depth;

        return round(self::RATE_ON[$unit->value] ?? 100.0)."\u{00A0}".$unit->symbol();
    }

    public function far(float $metres): string
    {
        return Distance::say($metres, $this->say);
    }
}
