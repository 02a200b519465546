<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Cadence\CadenceBook;
use Eskith\Core\Cadence\Steps;
use Eskith\Core\Cadence\WorkedWhere;
use Eskith\Core\Drop\WaterColumn;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Units\UnitSet;
use Eskith\Core\Water\Bottom;
use Eskith\Core\Water\Conditions;
use Eskith\Core\Water\Flow;

/** Everything a choice rests on but the box: the water, the aim, the schools, the line, and the units to speak in. */
final readonly class Situation
{
    /** °C up to which fish are slow. */
    private const SLOW_C = 10.0;

    /** m/s past the boat from which a lure does not lie still. */
    private const RUNS_MS = 0.15;

    /** m/s from which it blows too much for a light lure. */
    private const BLOWS_MS = 5.0;

    public ?TempBand $band;

    /** Size of the mean flow past the boat, m/s; null when it is not known. */
    public ?float $flowMs;

    /** Null when depth or the flow past the boat is not known. */
    public ?WaterColumn $column;

    /** The same, as if lying still where no flow was read: enough for a fall. Null when depth was not read. */
    public ?WaterColumn $columnIfStill;

    /** In the gusts; null when none was read. */
    public ?WaterColumn $gustColumn;

    public UnitFormat $say;

    public function __construct(
        public Conditions $water,
        public Aim $aim,
        public Schools $schools,
        public float $lineDiameterM,
        UnitSet $units,
        public float $brightMetalMin = 0.0,
        public bool $brightMetalTouched = false,
        private bool $unspoken = false,
        /** The numbers each cadence is worked with. */
        public CadenceBook $cadences = new CadenceBook,
    ) {
        $this->band = $water->tempC === null ? null : TempBand::of($water->tempC);
        $flow = $water->flow();
        $this->flowMs = $flow === null ? null : abs($flow->mean());
        $this->columnIfStill = $water->depthM === null
            ? null
            : WaterColumn::of(
                $water->depthM, $lineDiameterM, $flow ?? Flow::still($water->profile), $water->water(), $this->fishDepthM(),
            );
        $gust = $water->gustFlow();
        $this->gustColumn = $gust === null || $this->columnIfStill === null || $flow === null ? null : $this->columnIfStill->with($gust);
        $this->column = $flow === null ? null : $this->columnIfStill;
        $this->say = new UnitFormat($units, $unspoken);
    }

    public function with(?Conditions $water = null, ?Aim $aim = null, ?Schools $schools = null, ?float $lineDiameterM = null): self
    {
        return new self(
            water: $water ?? $this->water,
            aim: $aim ?? $this->aim,
            schools: $schools ?? $this->schools,
            lineDiameterM: $lineDiameterM ?? $this->lineDiameterM,
            units: $this->say->units,
            brightMetalMin: $this->brightMetalMin,
            brightMetalTouched: $this->brightMetalTouched,
            unspoken: $this->unspoken,
            cadences: $this->cadences,
        );
    }

    /** The same where only points are wanted: its sentences name no figures, which is much quicker. */
    public function unspoken(): self
    {
        return $this->unspoken ? $this : new self(
            water: $this->water,
            aim: $this->aim,
            schools: $this->schools,
            lineDiameterM: $this->lineDiameterM,
            units: $this->say->units,
            brightMetalMin: $this->brightMetalMin,
            brightMetalTouched: $this->brightMetalTouched,
            unspoken: true,
            cadences: $this->cadences,
        );
    }

    /** With what today's log says of silver and gold. */
    public function logged(float $brightMetalMin, bool $brightMetalTouched): self
    {
        return new self(
            water: $this->water,
            aim: $this->aim,
            schools: $this->schools,
            lineDiameterM: $this->lineDiameterM,
            units: $this->say->units,
            brightMetalMin: $brightMetalMin,
            brightMetalTouched: $brightMetalTouched,
            unspoken: $this->unspoken,
            cadences: $this->cadences,
        );
    }

    /** One repeat of a cadence with this lure: by the angler's numbers, and let down as their school does. */
    public function steps(Cadence $cadence, Lure $lure): Steps
    {
        $steps = $this->cadences->of($cadence);

        return $steps->letDown($this->schools->fall($steps->fall, $lure));
    }

    /** m below the surface at which fish hang, half the depth where that was not read; null where they sit on the bottom. */
    public function fishDepthM(): ?float
    {
        $depth = $this->water->depthM;

        return $this->onBottom() || $depth === null ? null : min($depth, $this->water->fishDepthM ?? $depth / 2);
    }

    /** Whether fish hang in the water at a depth that nobody has read. */
    public function isFishDepthAssumed(): bool
    {
        return ! $this->onBottom() && $this->water->fishDepthM === null;
    }

    /** m below the surface at which the lure is worked; null when the depth was not read. */
    public function workedM(): ?float
    {
        return $this->columnIfStill?->toM;
    }

    public function onBottom(): bool
    {
        return $this->aim->zone === Zone::Bottom;
    }

    /** Which cadences there are today. */
    public function where(): WorkedWhere
    {
        return new WorkedWhere($this->vertical(), $this->onBottom(), $this->schools->vigour === VigourSchool::SnapAwake);
    }

    /** What the water passes: "the boat", or "you" on foot. */
    public function passed(): string
    {
        return $this->water->onFoot ? 'you' : 'the boat';
    }

    public function vertical(): bool
    {
        return $this->aim->how === FishingMode::Vertical;
    }

    public function suspended(): bool
    {
        return $this->aim->zone === Zone::Suspended;
    }

    public function sluggish(): bool
    {
        return $this->aim->mood === Mood::Sluggish;
    }

    public function veryCold(): bool
    {
        return $this->band === TempBand::VeryCold;
    }

    /** Warmer than water in which fish are slow; false where it was not read. */
    public function warmer(): bool
    {
        return $this->water->tempC > self::SLOW_C;
    }

    /** Whether the water runs past so fast that a lure does not lie still; false where that is not known. */
    public function runs(): bool
    {
        return $this->flowMs > self::RUNS_MS;
    }

    /** Whether a light lure does not cast into the wind; false where that was not read. */
    public function blows(): bool
    {
        return $this->water->windMs > self::BLOWS_MS;
    }

    /** Temperature between 10 and 13 °C, both included. */
    public function coolWater(): bool
    {
        return $this->water->tempC !== null && $this->water->tempC >= 10.0 && $this->water->tempC <= 13.0;
    }

    public function weedy(): bool
    {
        return $this->water->bottom === Bottom::WeedScattered || $this->water->bottom === Bottom::WeedThick;
    }
}
