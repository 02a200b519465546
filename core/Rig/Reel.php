<?php

declare(strict_types=1);

namespace Eskith\Core\Rig;

/** Two schools of the reel for lures worked near the bottom. */
enum Reel: string
{
    case Spinning = 'spinning';
    case Casting = 'casting';

    /** kg from which a lure is heavy enough for a casting reel to be at home with it (3/4 oz). */
    public const HEAVY_KG = 0.021;

    /** kg below which a casting reel does not throw well (3/8 oz). Estimate. */
    private const LIGHT_KG = 0.0106;

    public function other(): self
    {
        return $this === self::Spinning ? self::Casting : self::Spinning;
    }

    public function word(): string
    {
        return match ($this) {
            self::Spinning => 'a spinning reel',
            self::Casting => 'a low casting reel',
        };
    }

    /**
     * What it is good for with a lure of this weight.
     *
     * @param  float  $kg  of the lure
     */
    public function says(float $kg): string
    {
        return match ($this) {
            self::Spinning => 'Spinning reel, 2500 to 3000, good drag: it runs lighter line and lighter lures.',
            self::Casting => $kg < self::LIGHT_KG
                ? 'Low casting reel: made for heavy spoons, it throws a lure this light badly.'
                : 'Low casting reel: for heavy spoons, thumb on the line as they drop.',
        };
    }

    /**
     * What it trades against the other.
     *
     * @param  float  $kg  of the lure
     * @return list<string> a few words each
     */
    public function trades(float $kg): array
    {
        return match ($this) {
            self::Spinning => ['takes lighter line', ...($kg < self::LIGHT_KG ? ['throws this lure farther'] : [])],
            self::Casting => [
                $kg >= self::HEAVY_KG ? 'at home with a lure this heavy' : 'wants a heavier lure', 'stops it with the thumb',
            ],
        };
    }
}
