<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Custom;

use Eskith\Core\Choosing\Reading;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Units\InvalidInput;

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
            throw InvalidInput::because($reading->value, ucfirst($reading->word()).' is chosen, not measured: give its choices.');
        }
        if ($from === null && $to === null) {
            throw InvalidInput::because($reading->value, "Give the {$reading->word()} from or up to which the rule holds.");
        }
        if ($from !== null && $to !== null && $from > $to) {
            throw InvalidInput::because(
                $reading->value,
                "The {$reading->word()} runs from the lower to the higher value; these are the wrong way round.",
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
            throw InvalidInput::because($reading->value, "{$word} is measured: give the values it lies between.");
        }
        $wrong = $strange === [] ? 'choose at least one' : '"'.mb_substr((string) reset($strange), 0, 30).'" is not';
        throw InvalidInput::because(
            $reading->value, "{$word} is one of ".str_replace('_', ' ', implode(', ', $reading->choices()))."; {$wrong}.",
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
            $this->from !== null && $this->to !== null => "{$of($this->from)} to {$of($this->to)}",
            $this->from !== null => "{$of($this->from)} or more",
            $this->to !== null => "{$of($this->to)} or less",
            default => implode(' or ', array_map($this->reading->saying(...), $this->choices)),
        };
    }
}
