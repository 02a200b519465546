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

    /** m: the depth of the picture while none was read. */
    public const ASSUMED_DEPTH_M = 8.0;

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
        /** m/s: how the boat goes over ground in the gusts; null when no gust was read or it would not go faster. */
        public ?float $gustBoatMs = null,
        /** m below the surface at which fish hang; counts only where they do not sit on the bottom. */
        public ?float $fishDepthM = null,
        /** From a bank, a wall or in the water: there is no boat to speak of. */
        public bool $onFoot = false,
        /** How long what the fish eat is, beside the usual lure. */
        public ?ForageSize $forageSize = null,
    ) {
    }

    /**
     * The same with what is named read anew.
     *
     * @param  mixed  ...$read  by property
     */
    public function with(mixed ...$read): self
    {
        /** @phpstan-ignore argument.type (each is given by the name of its property, and PHP checks its type) */
        return new self(...[...get_object_vars($this), ...$read]);
    }

    public function water(): Water
    {
        return Water::of($this->tempC ?? self::ASSUMED_C, $this->salinity);
    }

    /** Null when the boat's drift was not read, or the current where the water may move: what passes the line is then unknown. */
    public function flow(): ?Flow
    {
        return $this->currentMs === null || $this->boatMs === null ? null : Flow::of($this->currentMs, $this->boatMs, $this->profile);
    }

    /** The flow in the gusts; null when none was read. */
    public function gustFlow(): ?Flow
    {
        return $this->currentMs === null || $this->gustBoatMs === null
            ? null
            : Flow::of($this->currentMs, $this->gustBoatMs, $this->profile);
    }
}
