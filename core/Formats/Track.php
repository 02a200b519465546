<?php

declare(strict_types=1);

namespace Eskith\Core\Formats;

/**
 * Many points in a row, as lists side by side so that two hundred thousand fit. Degrees, m, and seconds since 1970; NAN where a
 * point has no depth or no time.
 */
final class Track
{
    /** @var list<float> */
    public array $latitudes = [];

    /** @var list<float> */
    public array $longitudes = [];

    /** @var list<float> */
    public array $depths = [];

    /** @var list<float> */
    public array $times = [];

    /**
     * @param  string  $kind  what it is, in a word of our own: wall, weed, shore, soundings …
     * @param  array<string, string>  $more  what only we know of it, by name
     */
    public function __construct(
        public string $name = '', public string $kind = '', public string $description = '', public array $more = [],
    ) {
    }

    public function add(float $latitude, float $longitude, float $depthM = NAN, float $time = NAN): void
    {
        $this->latitudes[] = $latitude;
        $this->longitudes[] = $longitude;
        $this->depths[] = $depthM;
        $this->times[] = FileTime::can($time) ? $time : NAN;
    }

    public function count(): int
    {
        return count($this->latitudes);
    }

    /** How many of its points have a depth. */
    public function sounded(): int
    {
        return count(array_filter($this->depths, is_finite(...)));
    }
}
