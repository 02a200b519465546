<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Readings;

use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Units\Dimension;

/** How sentences speak of a reading, by the patterns of its definition. */
trait ReadingPhrases
{
    /** As said in a sentence: "the water temperature". */
    public function word(): string
    {
        return $this->basis()->word;
    }

    /** As said of a rule that waits for it. */
    public function missing(): string
    {
        return $this->basis()->missing ?? $this->basis()->word;
    }

    /** A choice by itself, "bright", "smallmouth"; where it would not be understood by itself, as it is said of the day. */
    public function naming(string $value): string
    {
        $basis = $this->basis();

        return is_array($basis->says) || ! $basis->named ? $this->saying($value) : $this->definition()->word($value);
    }

    /** A choice as it is said of the day: "bright light", "at a wall", "smallmouth sought". */
    public function saying(string $value): string
    {
        return $this->put($this->basis()->says, $value, $this->definition()->word($value));
    }

    /** A measure by itself: "37 °F", "26 ft", "0.3 mph". */
    public function figure(UnitFormat $say, float $si): string
    {
        return match ($this->dimension()) {
            Dimension::Temperature => $say->temperature($si),
            Dimension::Length => $say->depth($si),
            Dimension::Speed => $say->speed($si),
            default => throw new \LogicException("{$this->value} is not said as a figure."),
        };
    }

    /** A measure as it is said of the day: "37 °F", "26 ft", "0.3 mph of drift". */
    public function measure(UnitFormat $say, float $si): string
    {
        return $this->put($this->basis()->says, '', $this->figure($say, $si));
    }

    /** How a sentence about a value begins: "At a wall", "In stained water", "With 0.3 mph of drift". */
    public function opening(UnitFormat $say, float|string $value): string
    {
        $told = is_string($value) ? $this->saying($value) : $this->measure($say, $value);

        return $this->put($this->basis()->opens, (string) $value, is_string($value) ? $this->definition()->word($value) : $told, $told);
    }

    /** @param  string|array<string, string>  $pattern  or one for each choice */
    private function put(string|array $pattern, string $value, string $word, string $said = ''): string
    {
        return str_replace(['{word}', '{said}'], [$word, $said], is_array($pattern) ? $pattern[$value] ?? $word : $pattern);
    }
}
