<?php

declare(strict_types=1);

namespace Eskith\Core\Record;

/**
 * From touch to hooked to landed, how often the lure fouls, and how many of the fish seen after it turn away: where fish are
 * lost, with 80 % intervals.
 */
final readonly class Stage
{
    private function __construct(
        public string $level,
        public int $touches,
        public int $hooked,
        public int $landed,
        public int $drops,
        public int $fouls,
        public int $seen,
        public int $refused,
        public Rates $hookedShare,
        public Rates $landedShare,
        public Rates $fouledShare,
        public Rates $refusedShare,
    ) {
    }

    /** @param  list<SetupResult>  $of */
    public static function of(string $level, array $of): self
    {
        $touches = $hooked = $landed = $drops = $fouls = $seen = $refused = 0;
        foreach ($of as $one) {
            $touches += $one->touches;
            $hooked += $one->hooked;
            $landed += $one->landed;
            $drops += $one->drops;
            $fouls += $one->fouls;
            $seen += $one->seen;
            $refused += $one->refused;
        }

        return new self(
            level: $level, touches: $touches, hooked: $hooked, landed: $landed, drops: $drops, fouls: $fouls,
            seen: $seen, refused: $refused,
            hookedShare: Rates::share($hooked, $touches), landedShare: Rates::share($landed, $hooked),
            fouledShare: Rates::share(min($fouls, $drops), $drops), refusedShare: Rates::share($refused, $seen),
        );
    }
}
