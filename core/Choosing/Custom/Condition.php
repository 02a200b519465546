<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Custom;

use Eskith\Core\Choosing\Reading;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Words\Words;

/** A reading within bounds, or one of some choices. */
final readonly class Condition
{
    /** @param  list<string>  $choices  for a choice: any of these */
    private function __construct(public Reading $reading, public ?float $from, public ?float $to, public array $choices)
    {
    }

    /**
     * A measure from and to these, both included; SI, °C.
     *
     * @throws InvalidInput for a choice, for no bound, and for bounds the wrong way round
     */
    public static function between(Reading $reading, ?float $from, ?float $to): self
    {
        if ($reading->dimension() === null) {
            throw InvalidInput::because(
                $reading->value, '{reading} is chosen, not measured: give its choices.', reading: ucfirst($reading->word()),
            );
        }
        if ($from === null && $to === null) {
            throw InvalidInput::because(
                $reading->value, 'Give the {reading} from or up to which the rule holds.', reading: $reading->word(),
            );
        }
        if ($from !== null && $to !== null && $from > $to) {
            throw InvalidInput::because(
                $reading->value, 'The {reading} runs from the lower to the higher value; these are the wrong way round.',
                reading: $reading->word(),
            );
        }

        return new self($reading, $from, $to, []);
    }

    /**
     * @param  list<string>  $choices
     *
     * @throws InvalidInput for a measure, for none, and for a choice that the reading has not
     */
    public static function anyOf(Reading $reading, array $choices): self
    {
        $strange = array_diff($choices, $reading->choices());
        if ($choices !== [] && $strange === []) {
            return new self($reading, null, null, $choices);
        }
        $word = ucfirst($reading->word());
        if ($reading->dimension() !== null) {
            throw InvalidInput::because($reading->value, '{word} is measured: give the values it lies between.', word: $word);
        }
        $wrong = $strange === [] ? 'choose at least one' : Words::of(
            '"{strange}" is not', strange: mb_substr((string) reset($strange), 0, 30),
        );
        throw InvalidInput::because(
            $reading->value, '{word} is one of {choices}; {wrong}.',
            word: $word, choices: str_replace('_', ' ', implode(', ', $reading->choices())), wrong: $wrong,
        );
    }

    /** False also when the reading is missing. */
    public function holds(Situation $s): bool
    {
        if ($this->reading->dimension() !== null) {
            $size = $this->size($s);

            return $size !== null
                && ($this->from === null || $size >= $this->from - 1e-9)
                && ($this->to === null || $size <= $this->to + 1e-9);
        }

        return array_intersect($this->choices, $this->reading->chosen($s)) !== [];
    }

    /** The measure as it stands, whichever way it runs. */
    private function size(Situation $s): ?float
    {
        $measure = $this->reading->measured($s);

        return $measure !== null && $this->reading->isFlow() ? abs($measure) : $measure;
    }

    /** The reading as it stands, "37 °F", "dim light". */
    public function words(Situation $s): string
    {
        $size = $this->size($s);

        return $size !== null
            ? $this->reading->measure($s->say, $size)
            : implode(', ', array_map($this->reading->saying(...), array_intersect($this->reading->chosen($s), $this->choices)));
    }

    /** What it asks for, "37 to 45 °F", "dim or mixed light". */
    public function asks(UnitFormat $say): string
    {
        $of = fn (float $si): string => $this->reading->measure($say, $si);

        return match (true) {
            $this->from !== null && $this->to !== null => Words::of('{of} to {to}', of: $of($this->from), to: $of($this->to)),
            $this->from !== null => Words::of('{of} or more', of: $of($this->from)),
            $this->to !== null => Words::of('{of} or less', of: $of($this->to)),
            default => implode(' or ', array_map($this->reading->saying(...), $this->choices)),
        };
    }
}
