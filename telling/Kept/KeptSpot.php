<?php

declare(strict_types=1);

namespace Eskith\Telling\Kept;

/** A spot that one can move to, with what is known of it. */
final readonly class KeptSpot
{
    /** Of what its lists are made. */
    public const LISTS = ['depths' => KeptDepth::class];

    /** Readings that are of the water, and not of the spot alone. */
    private const OF_THE_WATER = ['flow', 'salt'];

    /**
     * @param  string  $place  spot and water, as it is called
     * @param  array<string, string|null>  $known  what is read there, as it would be typed, by reading; null takes it away
     * @param  float|null  $latitude  degrees, as the longitude; null for one that is not on the chart
     * @param  list<KeptDepth>  $depths  at which it bit there before, the last first
     */
    public function __construct(
        public int $id,
        public string $place,
        public int $waterId,
        public string $water,
        public string $protected,
        public string $localRules,
        public array $known,
        public ?float $latitude,
        public ?float $longitude,
        public array $depths,
    ) {
    }

    /**
     * One that nobody has named yet.
     *
     * @param  self|null  $near  another of its water; null on a water that is new too
     */
    public static function new(string $name, string $water, ?self $near, int $id): self
    {
        return new self(
            id: $id,
            place: "{$name} · {$water}",
            waterId: $near->waterId ?? $id,
            water: $water,
            protected: $near->protected ?? '',
            localRules: $near->localRules ?? '',
            known: [
                'depth' => null, 'bottom' => null, 'wall' => null,
                ...array_intersect_key($near->known ?? ['flow' => 'still', 'salt' => 'fresh'], array_flip(self::OF_THE_WATER)),
            ],
            latitude: null,
            longitude: null,
            depths: [],
        );
    }
}
