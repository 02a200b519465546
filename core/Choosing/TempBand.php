<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** Water temperature as the rules speak of it. */
enum TempBand: int
{
    case VeryCold = 0;
    case Cold = 1;
    case Cool = 2;
    case Mild = 3;
    case Warm = 4;
    case Hot = 5;

    public static function of(float $celsius): self
    {
        return match (true) {
            $celsius <= 4.5 => self::VeryCold,
            $celsius <= 10.0 => self::Cold,
            $celsius <= 13.0 => self::Cool,
            $celsius <= 15.5 => self::Mild,
            $celsius <= 20.0 => self::Warm,
            default => self::Hot,
        };
    }

    public function atMost(self $other): bool
    {
        return $this->value <= $other->value;
    }
}
