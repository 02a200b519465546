<?php

declare(strict_types=1);

namespace Eskith\Core\Tackle;

/** All that is known of a family of lures. Coefficients are estimates until calibrated. */
final readonly class FamilyDefinition
{
    /**
     * @param  string  $word  one of them; with an s, several
     * @param  string|null  $small  what small ones are called, where they have a name (Mass::VIBE_KG)
     * @param  list<string>  $aliases  other words that are typed for it
     * @param  float  $densityKgM3  of the lure with its hooks
     * @param  float  $dragAcross  drag coefficient hanging across the flow, on the reference area
     * @param  float  $dragLifted  drag coefficient lifted straight up
     * @param  array<string, float>  $falls  drag coefficient falling, by the name of the way: as it usually goes down first, on
     *                                       a tight line second; none for one that hangs
     * @param  bool  $tightHasItsOwn  whether a tight line makes it fall the second way
     * @param  array{float, float}  $sizeMm  length and height of one of half an ounce
     * @param  int  $holes  line holes of a usual one
     * @param  string  $hooks  its usual hooks, with "{size}" where the size stands
     * @param  array{string, string, string}  $hookSizes  under 7/16 oz, to 9/16 oz, above
     * @param  FamilyFigure  $figure  how it is drawn
     */
    public function __construct(
        public string $word,
        public Sinks $sinks,
        public float $densityKgM3,
        public float $dragAcross,
        public float $dragLifted,
        public array $sizeMm,
        public string $hooks,
        public FamilyFigure $figure,
        public array $falls = [],
        public bool $tightHasItsOwn = false,
        public array $hookSizes = ['', '', ''],
        public int $holes = 0,
        public ?string $small = null,
        public array $aliases = [],
    ) {
    }

    /** @return list<string> everything that is typed for it */
    public function typed(): array
    {
        return [$this->word, ...array_filter([$this->small]), ...$this->aliases];
    }
}
