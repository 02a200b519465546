<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/**
 * What was read of the water today. Null means: not read, and the rules that need it stay silent. Speeds in m/s, signed
 * along one axis; temperatures °C; depth m; salinity g/kg.
 */
final readonly class Conditions
{
    /** °C taken for the water's density and viscosity when no temperature was read: they hardly depend on it. */
    private const ASSUMED_C = 8.0;

    /** @param  list<Food>  $food */
    public function __construct(
        public ?float $tempC = null,
        public ?float $depthM = null,
        public ?Clarity $clarity = null,
        public ?Light $light = null,
        public ?float $currentMs = null,
        public ?float $boatMs = null,
        public Profile $profile = Profile::Uniform,
        public ?float $windMs = null,
        public ?Trend $trend = null,
        public float $salinity = Water::FRESH,
        public ?Bottom $bottom = null,
        public ?bool $wall = null,
        public ?bool $calm = null,
        public array $food = [],
        public ?float $surfaceTempC = null,
    ) {
    }

    /**
     * The same with what is named read anew.
     *
     * @param  list<Food>|null  $food
     */
    public function with(
        ?float $tempC = null, ?float $depthM = null, ?Clarity $clarity = null, ?Light $light = null, ?float $currentMs = null, ?float $boatMs = null,
        ?float $windMs = null, ?Trend $trend = null, ?Bottom $bottom = null, ?bool $wall = null, ?bool $calm = null, ?array $food = null, ?float $surfaceTempC = null,
    ): self {
        return new self(
            $tempC ?? $this->tempC, $depthM ?? $this->depthM, $clarity ?? $this->clarity, $light ?? $this->light, $currentMs ?? $this->currentMs, $boatMs ?? $this->boatMs,
            $this->profile, $windMs ?? $this->windMs, $trend ?? $this->trend, $this->salinity, $bottom ?? $this->bottom, $wall ?? $this->wall, $calm ?? $this->calm,
            $food ?? $this->food, $surfaceTempC ?? $this->surfaceTempC,
        );
    }

    public function water(): Water
    {
        return Water::of($this->tempC ?? self::ASSUMED_C, $this->salinity);
    }

    /** Null when neither a current nor a drift was read. */
    public function flow(): ?Flow
    {
        return $this->currentMs === null && $this->boatMs === null
            ? null
            : Flow::of($this->currentMs ?? 0.0, $this->boatMs ?? 0.0, $this->profile);
    }
}
