<?php

declare(strict_types=1);

namespace App\Readings;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;
use Eskith\Core\Units\UnitSet;

/** One thing that can be read of the water or wanted by the angler. */
final readonly class Spec
{
    /**
     * @param  array<string, string>  $options  value => word, for choices
     * @param  \Closure(UnitSet): Unit|null  $unit  for measures
     * @param  array{float, float}|null  $range  lowest and highest believed, SI
     * @param  array<string, float>  $steps  size of one step by unit
     * @param  array<string, string>  $aliases  words of older links and files => option
     */
    private function __construct(
        public string $name,
        public string $label,
        public Kind $kind,
        public array $options,
        private ?\Closure $unit,
        private ?array $range,
        private array $steps,
        private array $aliases = [],
    ) {
    }

    /**
     * @param  \Closure(UnitSet): Unit  $unit
     * @param  array{float, float}  $range
     * @param  array<string, float>  $steps
     */
    public static function measure(string $name, string $label, \Closure $unit, array $range, array $steps): self
    {
        return new self($name, $label, Kind::Measure, [], $unit, $range, $steps);
    }

    /**
     * @param  array<string, string>  $options
     * @param  array<string, string>  $aliases
     */
    public static function choice(string $name, string $label, array $options, Kind $kind = Kind::Choice, array $aliases = []): self
    {
        return new self($name, $label, $kind, $options, null, null, [], $aliases);
    }

    public static function flag(string $name, string $label, string $yes = 'yes', string $no = 'no'): self
    {
        return new self($name, $label, Kind::Flag, ['no' => $no, 'yes' => $yes], null, null, []);
    }

    public function unit(UnitSet $units): ?Unit
    {
        return $this->unit === null ? null : ($this->unit)($units);
    }

    public function step(Unit $unit): float
    {
        return $this->steps[$unit->value] ?? 1.0;
    }

    /** @return array{float, float} lowest and highest in this unit */
    public function limits(Unit $unit): array
    {
        [$low, $high] = $this->range ?? [0.0, 0.0];

        return [$unit->fromSi($low), $unit->fromSi($high)];
    }

    /** Whether a reading that is kept, or that an instrument says, can be: within the range, or one of the choices. */
    public function holds(string $text, ?float $si): bool
    {
        if ($this->kind === Kind::Measure) {
            [$low, $high] = $this->range ?? [-INF, INF];

            return $si !== null && $si >= $low - 1e-9 && $si <= $high + 1e-9;
        }
        $values = $this->kind === Kind::Choices ? array_filter(explode(',', $text)) : [$text];

        return array_diff($values, array_map(strval(...), array_keys($this->options))) === [];
    }

    /**
     * What was typed or chosen, as it is kept: the words to show again and, for a measure, its SI value.
     *
     * @return array{string, float|null}
     *
     * @throws InvalidInput
     */
    public function read(string $text, UnitSet $units): array
    {
        $unit = $this->unit($units);
        if ($unit === null || $this->range === null) {
            return [$this->chosen($this->aliases[trim($text)] ?? $text), null];
        }
        $measure = Measure::parse($text, $unit, $this->name);
        [$low, $high] = $this->range;
        if (! $this->holds($measure->text, $measure->si)) {
            $label = ucfirst($this->label);

            throw InvalidInput::because($this->name, "{$label} must lie between {$unit->print($low)} and {$unit->print($high)}; \"{$measure->text}\" does not.");
        }

        return [$measure->text, $measure->si];
    }

    /** The words for a kept choice. */
    public function word(string $text): string
    {
        if ($text === '') {
            return 'none';
        }

        return implode(', ', array_map(fn (string $value): string => $this->options[$value] ?? $value, explode(',', $text)));
    }

    private function chosen(string $text): string
    {
        $values = $this->kind === Kind::Choices ? array_values(array_filter(explode(',', $text), static fn (string $value): bool => $value !== '')) : [$text];
        foreach ($values as $value) {
            if (! isset($this->options[$value])) {
                $shown = mb_substr($value, 0, 40);

                throw InvalidInput::because($this->name, ucfirst($this->label).' is one of '.implode(', ', $this->options)."; \"{$shown}\" is not.");
            }
        }

        return implode(',', array_values(array_intersect(array_map(strval(...), array_keys($this->options)), $values)));
    }
}
