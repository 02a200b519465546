<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Care\Species;
use Eskith\Core\Units\Dimension;
use Eskith\Core\Water\Bottom;
use Eskith\Core\Water\Clarity;
use Eskith\Core\Water\Conditions;
use Eskith\Core\Water\Food;
use Eskith\Core\Water\Light;
use Eskith\Core\Water\Trend;

/** One reading a choice rests on, so that it can be asked for, moved, and made the condition of an own rule. Measures are SI, temperatures °C. */
enum Reading: string
{
    /** Those that matter most, asked for first: how warm, how fast past the boat, how deep. */
    public const FIRST = [self::Temperature, self::Drift, self::Depth];

    case Temperature = 'temp';
    case SurfaceTemperature = 'surface';
    case Depth = 'depth';
    case Drift = 'drift';
    case Current = 'current';
    case Wind = 'wind';
    case Clarity = 'clarity';
    case Light = 'light';
    case Food = 'food';
    case Bottom = 'bottom';
    case Trend = 'trend';
    case Wall = 'wall';
    case Calm = 'calm';
    case Species = 'species';
    case How = 'how';
    case Zone = 'zone';
    case Mood = 'mood';
    case Pressured = 'pressured';
    case Hop = 'hop';
    case FlowAway = 'away';
    case MarksBelow = 'marks';

    /** Null for a choice. */
    public function dimension(): ?Dimension
    {
        return match ($this) {
            self::Temperature, self::SurfaceTemperature => Dimension::Temperature,
            self::Depth => Dimension::Length,
            self::Drift, self::Current, self::Wind => Dimension::Speed,
            default => null,
        };
    }

    /** A drift or a current: signed, and counted by its size. */
    public function isFlow(): bool
    {
        return $this === self::Drift || $this === self::Current;
    }

    /** As said in a sentence: "the water temperature". */
    public function word(): string
    {
        return match ($this) {
            self::Temperature => 'water temperature',
            self::SurfaceTemperature => 'surface temperature',
            self::Trend => 'temperature trend',
            self::Wall => 'wall or open bottom',
            self::Calm => 'waves',
            self::Species => 'fish sought',
            self::How => 'way of fishing',
            self::Zone => 'place of the fish',
            self::Mood => 'mood of the fish',
            self::Pressured => 'pressure on the fish',
            self::Hop => 'bottom hop',
            self::FlowAway => 'way the flow runs',
            self::MarksBelow => 'marks below',
            default => $this->value,
        };
    }

    /** @return list<string> what can be chosen; empty for a measure */
    public function choices(): array
    {
        return match ($this) {
            self::Clarity => array_column(Clarity::cases(), 'value'),
            self::Light => array_column(Light::cases(), 'value'),
            self::Food => array_column(Food::cases(), 'value'),
            self::Bottom => array_column(Bottom::cases(), 'value'),
            self::Trend => array_column(Trend::cases(), 'value'),
            self::Species => array_column(Species::cases(), 'value'),
            self::How => array_column(How::cases(), 'value'),
            self::Zone => array_column(Zone::cases(), 'value'),
            self::Mood => array_column(Mood::cases(), 'value'),
            self::Wall, self::Calm, self::Pressured, self::Hop, self::FlowAway, self::MarksBelow => ['no', 'yes'],
            default => [],
        };
    }

    /** The measure as it stands; null when it was not read. */
    public function measured(Situation $s): ?float
    {
        return match ($this) {
            self::Temperature => $s->water->tempC,
            self::SurfaceTemperature => $s->water->surfaceTempC,
            self::Depth => $s->water->depthM,
            self::Drift => $s->water->boatMs,
            self::Current => $s->water->currentMs,
            self::Wind => $s->water->windMs,
            default => null,
        };
    }

    /** @return list<string> what is chosen: none when it was not read, several only for food */
    public function chosen(Situation $s): array
    {
        $flag = static fn (?bool $on): array => $on === null ? [] : [$on ? 'yes' : 'no'];
        $one = static fn (Clarity|Light|Bottom|Trend|null $read): array => $read === null ? [] : [$read->value];

        return match ($this) {
            self::Food => array_column($s->water->food, 'value'),
            self::Wall => $flag($s->water->wall),
            self::Calm => $flag($s->water->calm),
            self::Pressured => $flag($s->aim->pressured),
            self::Hop => $flag($s->aim->hop),
            self::FlowAway => $flag($s->aim->flowAway),
            self::MarksBelow => $flag($s->aim->marksBelow),
            self::Species => [$s->aim->species->value],
            self::How => [$s->aim->how->value],
            self::Zone => [$s->aim->zone->value],
            self::Mood => [$s->aim->mood->value],
            self::Clarity => $one($s->water->clarity),
            self::Light => $one($s->water->light),
            self::Bottom => $one($s->water->bottom),
            self::Trend => $one($s->water->trend),
            default => [],
        };
    }

    public function isRead(Situation $s): bool
    {
        return $this->measured($s) !== null || $this->chosen($s) !== [];
    }

    /** The same situation with this reading at another value: SI for a measure, one of the choices otherwise. */
    public function with(Situation $s, float|string $value): Situation
    {
        return $this->isAim() ? $s->with(aim: $this->aimed($s->aim, (string) $value)) : $s->with(water: $this->watered($s->water, $value));
    }

    private function isAim(): bool
    {
        return in_array($this, [self::Species, self::How, self::Zone, self::Mood, self::Pressured, self::Hop, self::FlowAway, self::MarksBelow], true);
    }

    private function watered(Conditions $water, float|string $value): Conditions
    {
        [$si, $choice] = [(float) $value, (string) $value];

        return match ($this) {
            self::Temperature => $water->with(tempC: $si),
            self::SurfaceTemperature => $water->with(surfaceTempC: $si),
            self::Depth => $water->with(depthM: $si),
            self::Drift => $water->with(boatMs: $si),
            self::Current => $water->with(currentMs: $si),
            self::Wind => $water->with(windMs: $si),
            self::Clarity => $water->with(clarity: Clarity::from($choice)),
            self::Light => $water->with(light: Light::from($choice)),
            self::Food => $water->with(food: [Food::from($choice)]),
            self::Bottom => $water->with(bottom: Bottom::from($choice)),
            self::Trend => $water->with(trend: Trend::from($choice)),
            self::Wall => $water->with(wall: $choice === 'yes'),
            default => $water->with(calm: $choice === 'yes'),
        };
    }

    private function aimed(Aim $aim, string $value): Aim
    {
        return match ($this) {
            self::Species => $aim->with(species: Species::from($value)),
            self::How => $aim->with(how: How::from($value)),
            self::Zone => $aim->with(zone: Zone::from($value)),
            self::Mood => $aim->with(mood: Mood::from($value)),
            self::Pressured => $aim->with(pressured: $value === 'yes'),
            self::Hop => $aim->with(hop: $value === 'yes'),
            self::FlowAway => $aim->with(flowAway: $value === 'yes'),
            default => $aim->with(marksBelow: $value === 'yes'),
        };
    }

    /** A choice by itself: "bright", "smallmouth". */
    public function naming(string $value): string
    {
        return match ($this) {
            self::Clarity => Clarity::from($value)->word(),
            self::Light => Light::from($value)->word(),
            self::Food => Food::from($value)->word(),
            self::Species => Species::from($value)->word(),
            self::How => How::from($value)->word(),
            self::Bottom => Bottom::from($value)->word(),
            default => $this->saying($value),
        };
    }

    /** A choice as it is said of the day: "bright light", "at a wall", "smallmouth sought". */
    public function saying(string $value): string
    {
        return match ($this) {
            self::Clarity => $this->naming($value).' water',
            self::Light => $this->naming($value).' light',
            self::Food => $this->naming($value).' about',
            self::Bottom => $this->naming($value).' below',
            self::Trend => 'water '.Trend::from($value)->word(),
            self::Wall => $value === 'yes' ? 'at a wall' : 'no wall',
            self::Calm => $value === 'yes' ? 'slick calm' : 'a ripple on the water',
            self::Species => $this->naming($value).' sought',
            self::How => How::from($value) === How::Cast ? 'casting' : 'straight down',
            self::Zone => match (Zone::from($value)) {
                Zone::Bottom => 'fish on the bottom',
                Zone::Suspended => 'suspended fish',
                Zone::Thermocline => 'fish in the thermocline',
            },
            self::Mood => Mood::from($value)->word().' fish',
            self::Pressured => $value === 'yes' ? 'pressured fish' : 'fish left alone',
            self::Hop => $value === 'yes' ? 'hopping along the bottom' : 'no bottom hop',
            self::FlowAway => $value === 'yes' ? 'flow running away' : 'flow not running away',
            self::MarksBelow => $value === 'yes' ? 'marks straight below' : 'no marks below',
            default => $value,
        };
    }

    /** A measure as it is said of the day: "37 °F", "26 ft deep", "0.3 mph of drift". */
    public function measure(Say $say, float $si): string
    {
        return match ($this) {
            self::Temperature => $say->temperature($si),
            self::SurfaceTemperature => $say->temperature($si).' on top',
            self::Depth => $say->depth($si),
            self::Drift => $say->speed($si).' of drift',
            self::Current => $say->speed($si).' of current',
            default => $say->speed($si).' of wind',
        };
    }

    /** How a sentence about a value begins: "At a wall", "In stained water", "With 0.3 mph of drift". */
    public function opening(Say $say, float|string $value): string
    {
        $told = is_string($value) ? $this->saying($value) : $this->measure($say, $value);

        return match ($this) {
            self::Temperature => "At {$told}",
            self::Depth => "In {$told} of water",
            self::Clarity, self::Light => "In {$told}",
            self::Bottom => 'Over '.$this->naming((string) $value),
            self::Species => 'For '.$this->naming((string) $value),
            self::Wall => $value === 'yes' ? 'At a wall' : 'Away from a wall',
            self::Hop => $value === 'yes' ? 'Hopping along the bottom' : 'Without hopping along the bottom',
            self::How => $value === How::Cast->value ? 'When casting' : 'Straight down',
            self::Trend, self::FlowAway => "With the {$told}",
            self::Calm => $value === 'yes' ? 'In a slick calm' : 'With a ripple on the water',
            default => "With {$told}",
        };
    }
}
