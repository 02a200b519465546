<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Readings;

use Eskith\Core\Units\Dimension;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;
use Eskith\Core\Units\UnitSet;
use Eskith\Core\Water\WindFrom;

/** Everything there is to know of one reading: what it measures or what can be chosen, and how a choice rests on it. */
final readonly class Definition
{
    /**
     * @param  string  $label  on the board
     * @param  array{float, float}  $range  lowest and highest believed of a measure, SI
     * @param  array<string, float>  $steps  size of one step by unit
     * @param  array<string, string>  $options  value => word
     * @param  class-string<\BackedEnum>|null  $enum  that the options are the cases of
     * @param  array<string, string>  $aliases  words of older links and files => option
     * @param  float|string|null  $assumed  what it stands for where it was not read: SI, or a choice
     * @param  RuleInput|null  $basis  null for what is only shown
     * @param  Holds  $holds  how far, as one moves on
     */
    private function __construct(
        public Group $group,
        public string $label,
        public Kind $kind,
        public ?Dimension $dimension,
        public array $range,
        public array $steps,
        public array $options,
        public ?string $enum,
        public array $aliases,
        public float|string|null $assumed,
        public ?RuleInput $basis,
        public Holds $holds,
    ) {
    }

    /**
     * @param  array{float, float}  $range
     * @param  array<string, float>  $steps
     */
    public static function measure(
        Group $group, string $label, Dimension $dimension, array $range, array $steps, ?float $assumed = null,
        ?RuleInput $basis = null, ?Holds $holds = null,
    ): self {
        return new self(
            group: $group,
            label: $label,
            kind: Kind::Measure,
            dimension: $dimension,
            range: $range,
            steps: $steps,
            options: [],
            enum: null,
            aliases: [],
            assumed: $assumed,
            basis: $basis,
            holds: $holds ?? $group->holds(),
        );
    }

    /**
     * One of the cases of an enum, each with its word(); or of plain words.
     *
     * @param  class-string<\BackedEnum>|array<string, string>  $of
     * @param  array<string, string>  $words  in place of those of the enum
     * @param  array<string, string>  $aliases
     */
    public static function choice(
        Group $group,
        string $label,
        string|array $of,
        array $words = [],
        bool $several = false,
        array $aliases = [],
        ?string $assumed = null,
        ?RuleInput $basis = null,
        ?Holds $holds = null,
    ): self {
        $options = is_array($of) ? $of : array_replace(self::words($of), $words);

        return new self(
            group: $group,
            label: $label,
            kind: $several ? Kind::Choices : Kind::Choice,
            dimension: null,
            range: [0.0, 0.0],
            steps: [],
            options: $options,
            enum: is_array($of) ? null : $of,
            aliases: $aliases,
            assumed: $assumed,
            basis: $basis,
            holds: $holds ?? $group->holds(),
        );
    }

    public static function flag(
        Group $group, string $label, string $yes = 'yes', string $no = 'no', ?RuleInput $basis = null, ?Holds $holds = null,
    ): self {
        return new self(
            group: $group,
            label: $label,
            kind: Kind::Flag,
            dimension: null,
            range: [0.0, 0.0],
            steps: [],
            options: ['no' => $no, 'yes' => $yes],
            enum: null,
            aliases: [],
            assumed: null,
            basis: $basis,
            holds: $holds ?? $group->holds(),
        );
    }

    /** Whether it is one of the eight points: then a phone can point there. */
    public function isPointed(): bool
    {
        return $this->enum === WindFrom::class;
    }

    public function unit(UnitSet $units): ?Unit
    {
        return match ($this->dimension) {
            null => null,
            Dimension::Temperature => $units->temperature,
            Dimension::Length => $units->depth,
            Dimension::Speed => $units->speed,
            Dimension::Angle => Unit::Degree,
            default => throw new \LogicException("No reading is a {$this->dimension->word()}."),
        };
    }

    public function step(Unit $unit): float
    {
        return $this->steps[$unit->value] ?? 1.0;
    }

    /** @return array{float, float} lowest and highest in this unit */
    public function limits(Unit $unit): array
    {
        return array_map($unit->fromSi(...), $this->range);
    }

    /** Whether a reading that is kept, or that an instrument says, can be: within the range, or one of the choices. */
    public function holds(string $text, ?float $si): bool
    {
        if ($this->kind === Kind::Measure) {
            return $si !== null && $si >= $this->range[0] - 1e-9 && $si <= $this->range[1] + 1e-9;
        }

        return array_diff($this->split($text), $this->values()) === [];
    }

    /**
     * What was typed or chosen, as it is kept: the words to show again and, for a measure, its SI value.
     *
     * @return array{string, float|null}
     *
     * @throws InvalidInput naming the field
     */
    public function read(string $text, UnitSet $units, string $field): array
    {
        $unit = $this->unit($units);
        if ($unit === null) {
            return [$this->picked($this->aliases[trim($text)] ?? $text, $field), null];
        }
        $measure = Measure::parse($text, $unit, $field);
        if (! $this->holds($measure->text, $measure->si)) {
            [$low, $high] = $this->range;

            throw InvalidInput::because(
                $field, '{label} must lie between {low} and {high}; "{measure}" does not.',
                label: ucfirst($this->label), low: $unit->print($low), high: $unit->print($high), measure: $measure->text,
            );
        }

        return [$measure->text, $measure->si];
    }

    /** The words for a kept choice. */
    public function word(string $text): string
    {
        return $text === ''
            ? 'none'
            : implode(', ', array_map(fn (string $value): string => $this->options[$value] ?? $value, explode(',', $text)));
    }

    /** @return list<string> what can be chosen; empty for a measure */
    public function values(): array
    {
        return array_map(strval(...), array_keys($this->options));
    }

    /** A kept choice as the core takes it: true or false, a case, a list of cases; null for what is not one. */
    public function typed(string $text): mixed
    {
        $case = fn (string $value): ?\BackedEnum => $this->enum === null ? null : ($this->enum)::tryFrom($value);

        return match ($this->kind) {
            Kind::Measure => null,
            Kind::Flag => $text === 'yes',
            Kind::Choice => $case($text),
            Kind::Choices => array_values(array_filter(array_map($case, $this->split($text)))),
        };
    }

    private function picked(string $text, string $field): string
    {
        $values = $this->split($text);
        foreach ($values as $value) {
            if (! isset($this->options[$value])) {
                throw InvalidInput::because(
                    $field, '{label} is one of {options}; "{value}" is not.',
                    label: ucfirst($this->label), options: implode(', ', $this->options), value: mb_substr($value, 0, 40),
                );
            }
        }

        return implode(',', array_values(array_intersect($this->values(), $values)));
    }

    /** @return list<string> */
    private function split(string $text): array
    {
        return $this->kind === Kind::Choices
            ? array_values(array_filter(explode(',', $text), static fn (string $value): bool => $value !== ''))
            : [$text];
    }

    /**
     * @param  class-string<\BackedEnum>  $enum
     * @return array<string, string>
     */
    private static function words(string $enum): array
    {
        $words = [];
        foreach ($enum::cases() as $case) {
            $words[(string) $case->value] = method_exists($case, 'word') && is_string($word = $case->word())
                ? $word
                : (string) $case->value;
        }

        return $words;
    }
}
