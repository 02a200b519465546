<?php

declare(strict_types=1);

namespace Eskith\Core\Record;

/** From touch to hooked to landed, and how often the lure fouls: where fish are lost, with 80 % intervals. */
final readonly class Stage
{
    private function __construct(
        public string $level, public int $touches, public int $hooked, public int $landed, public int $drops, public int $fouls,
        public Rates $hookedShare, public Rates $landedShare, public Rates $fouledShare,
    ) {
    }

    /** @param  list<Fishing>  $of */
    public static function of(string $level, array $of): self
    {
        $touches = $hooked = $landed = $drops = $fouls = 0;
        foreach ($of as $one) {
            $touches += $one->touches;
            $hooked += $one->hooked;
            $landed += $one->landed;
            $drops += $one->drops;
            $fouls += $one->fouls;
        }

        return new self(
            level: $level, touches: $touches, hooked: $hooked, landed: $landed, drops: $drops, fouls: $fouls,
            hookedShare: Rates::share($hooked, $touches), landedShare: Rates::share($landed, $hooked),
            fouledShare: Rates::share(min($fouls, $drops), $drops),
        );
    }
}
