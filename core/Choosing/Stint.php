<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Units\InvalidInput;

/** A stretch of today in which one way to fish a lure was worked on a rod. Ages in hours before now. */
final readonly class Stint
{
    /** Longest day that is looked back on, h. */
    private const LONGEST_H = 72.0;

    /** @param  list<float>  $touchesH  ages of the touches */
    private function __construct(
        public ?string $way, public float $fromH, public float $toH, public array $touchesH, public ?string $spot,
    ) {
    }

    /**
     * @param  string|null  $way  as Day::way() names it; null for a lure that is no longer there
     * @param  float  $fromH  age of its beginning, more than of its end
     * @param  float  $toH  age of its end; 0 while it is on the line
     * @param  list<float>  $touchesH
     * @param  string|null  $spot  where it was fished; null for where one is now
     *
     * @throws InvalidInput when the ages are the wrong way round or longer than a day
     */
    public static function of(
        ?string $way, float $fromH, float $toH, array $touchesH, string $field = 'today', ?string $spot = null,
    ): self {
        if (! ($toH >= 0.0 && $fromH > $toH && $fromH <= self::LONGEST_H)) {
            throw InvalidInput::because($field, 'A stint begins before it ends, both in hours before now.');
        }
        foreach ($touchesH as $age) {
            if (! ($age >= 0.0 && $age <= self::LONGEST_H)) {
                throw InvalidInput::because($field, 'A bite of today is 0 or more hours ago.');
            }
        }

        return new self($way, $fromH, $toH, $touchesH, $spot);
    }

    public function isTiedOn(): bool
    {
        return $this->toH === 0.0;
    }

    /** Rod-hours of it since so many hours ago. */
    public function hoursSince(float $ageH): float
    {
        return max(0.0, min($this->fromH, $ageH) - $this->toH);
    }
}
