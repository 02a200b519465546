<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Work;

/** A cadence with a lure here: its time, its counts, what it does and where the hour goes. */
final readonly class WorkData
{
    /**
     * @param  list<RibbonPointData>  $ribbon  one repeat of the lure's way; empty for what is reeled without a stop
     * @param  string  $floorText  where it is worked: "bottom", or the depth of fish that hang
     * @param  string  $counts  "up quick, down 1, wait 2"; '' where nothing is counted
     * @param  list<string>  $says  what to do and what it does, each a sentence
     * @param  list<BiteData>  $bites  the commonest first
     * @param  list<StrikeData>  $strikes  when to strike: as most do with this cadence, then the other school
     * @param  list<ShareData>  $hour  where an hour goes
     * @param  list<string>  $saves  what another weight or family would save of it
     */
    public function __construct(
        public string $headline,
        public string $cadence,
        public string $word,
        public float $liftM,
        public string $liftText,
        public string $floorText,
        public float $liftS,
        public float $fallS,
        public float $pauseS,
        public array $ribbon,
        public string $counts,
        public string $rate,
        public string $before,
        public array $says,
        public string $mistake,
        public array $bites,
        public array $strikes,
        public array $hour,
        public string $hourSays,
        public array $saves,
        public bool $own,
    ) {
    }
}
