<?php

declare(strict_types=1);

namespace Eskith\Core\Tackle;

/** The kinds of lure, each defined once. A vibe is a small blade. What only one of them does is told by the rules. */
enum Family: string
{
    case Blade = 'blade';
    case Spoon = 'spoon';
    case BladedSpoon = 'bladed_spoon';
    case TailSpinner = 'tail_spinner';

    public function definition(): FamilyDefinition
    {
        /** @var array<string, FamilyDefinition> $all */
        static $all = [];

        return $all[$this->value] ??= $this->define();
    }

    private function define(): FamilyDefinition
    {
        return match ($this) {
            self::Blade => new FamilyDefinition(
                word: 'blade', small: 'vibe', aliases: ['blade bait'], sinks: Sinks::Hanging,
                densityKgM3: 9500.0, dragAcross: 1.6, dragLifted: 2.7, sizeMm: [52.0, 19.0], holes: 3,
                hooks: '{size}', hookSizes: ['front 10, rear 10 or 8', 'front 8, rear 6', 'front 6 or 5, rear 5 or 4'],
                figure: FamilyFigure::blade(),
            ),
            self::Spoon => new FamilyDefinition(
                word: 'spoon', aliases: ['jigging spoon'], sinks: Sinks::Fluttering,
                densityKgM3: 10500.0, dragAcross: 1.8, dragLifted: 1.8, sizeMm: [58.0, 14.0],
                falls: ['flutter' => 5.0, 'taut' => 1.5], tightHasItsOwn: true,
                hooks: 'one wide-gap treble of size {size}, by the size of the spoon', hookSizes: ['6', '4', '2'],
                figure: FamilyFigure::spoon(),
            ),
            self::BladedSpoon => new FamilyDefinition(
                word: 'bladed spoon', sinks: Sinks::Fluttering,
                densityKgM3: 10000.0, dragAcross: 2.2, dragLifted: 2.5, sizeMm: [50.0, 13.0],
                falls: ['flutter' => 5.5, 'taut' => 2.2], tightHasItsOwn: true,
                hooks: 'one treble of size {size}', hookSizes: ['8', '6', '4'],
                figure: FamilyFigure::spoon('blade'),
            ),
            self::TailSpinner => new FamilyDefinition(
                word: 'tail spinner', aliases: ['spinner'], sinks: Sinks::Spinning,
                densityKgM3: 10000.0, dragAcross: 2.0, dragLifted: 3.0, sizeMm: [32.0, 14.0],
                falls: ['spinning' => 3.0, 'stalled' => 1.8],
                hooks: "one treble below that can't catch the blade",
                figure: FamilyFigure::tailSpinner(),
            ),
        };
    }

    public function hangs(): bool
    {
        return $this->definition()->sinks === Sinks::Hanging;
    }

    public function isSpoon(): bool
    {
        return $this->definition()->sinks === Sinks::Fluttering;
    }

    public function spins(): bool
    {
        return $this->definition()->sinks === Sinks::Spinning;
    }

    public function isVibeAt(float $massKg): bool
    {
        return $this->definition()->small !== null && Mass::atMost($massKg, Mass::VIBE_KG);
    }

    public function word(): string
    {
        return $this->definition()->word;
    }

    /** As they are told where one is asked which of them it is: "blade, vibe". */
    public function named(): string
    {
        return implode(', ', array_filter([$this->word(), $this->definition()->small]));
    }
}
