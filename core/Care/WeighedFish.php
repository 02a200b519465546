<?php

declare(strict_types=1);

namespace Eskith\Core\Care;

/** Fish whose weight can be told from their length: those that are sought, and others that come along. */
enum WeighedFish: string
{
    case Walleye = 'walleye';
    case Sauger = 'sauger';
    case Smallmouth = 'smallmouth';
    case Largemouth = 'largemouth';
    case Perch = 'perch';
    case WhiteBass = 'white_bass';
    case Crappie = 'crappie';
    case Pike = 'pike';
    case ChannelCatfish = 'channel_catfish';
    case Bream = 'bream';

    public function word(): string
    {
        return str_replace('_', ' ', $this->value);
    }

    /**
     * a and b of log₁₀ W(g) = a + b log₁₀ TL(mm): published standard-weight equations, a fish in good condition. Bream:
     * W(g) = 0.0186 L(cm)^2.99 with L the fork length, a rough estimate, in the same form.
     *
     * @return array{float, float}
     */
    public function equation(): array
    {
        return match ($this) {
            self::Walleye => [-5.453, 3.180],
            self::Sauger => [-5.492, 3.187],
            self::Smallmouth => [-5.329, 3.200],
            self::Largemouth => [-5.528, 3.273],
            self::Perch => [-5.386, 3.230],
            self::WhiteBass => [-5.066, 3.081],
            self::Crappie => [-5.618, 3.345],
            self::Pike => [-5.437, 3.096],
            self::ChannelCatfish => [-5.800, 3.294],
            self::Bream => [log10(0.0186) - 2.99, 2.99],
        };
    }

    /** @return array{float, float} m, the shortest its equation holds for and the longest that is believed */
    public function lengthsM(): array
    {
        return match ($this) {
            self::Walleye => [0.15, 1.1],
            self::Sauger => [0.15, 0.8],
            self::Smallmouth => [0.15, 0.75],
            self::Largemouth => [0.15, 0.85],
            self::Perch => [0.1, 0.55],
            self::WhiteBass => [0.15, 0.6],
            self::Crappie => [0.1, 0.6],
            self::Pike => [0.15, 1.5],
            self::ChannelCatfish => [0.15, 1.4],
            self::Bream => [0.1, 0.8],
        };
    }
}
