<?php

declare(strict_types=1);

namespace Eskith\Telling;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;

/** What was given with a question, by name. */
final readonly class Asked
{
    /** Lists within lists that JSON may have. */
    private const DEEP = 8;

    /** @param  array<array-key, mixed>  $given */
    public function __construct(private array $given)
    {
    }

    /** Whether something was typed. */
    public function has(string $name): bool
    {
        return trim((string) $this->textOrNull($name)) !== '';
    }

    /** Null where there is none, or something else than a text. */
    public function textOrNull(string $name): ?string
    {
        $text = $this->given[$name] ?? null;

        return is_string($text) ? $text : null;
    }

    /** @throws InvalidInput when there is none, or something else */
    public function text(string $name, ?string $default = null): string
    {
        $text = $this->given[$name] ?? $default;

        return is_string($text) ? $text : throw InvalidInput::because($name, 'This question needs "{name}" in its address.', name: $name);
    }

    /** @return list<mixed> empty where there is none; as a list, or as JSON of one */
    public function list(string $name): array
    {
        $list = $this->given[$name] ?? null;
        $list = is_string($list) ? json_decode($list, true, self::DEEP) : $list;

        return is_array($list) && array_is_list($list) ? $list : [];
    }

    /**
     * A list of lists of numbers, as a sensor tells them.
     *
     * @param  int  $most  of them that are looked at, the last ones
     * @param  string  $each  what each is, in a sentence
     * @return list<list<float>> each of so many numbers
     *
     * @throws InvalidInput when one of them is none
     */
    public function rows(string $name, int $width, int $most, string $each): array
    {
        return array_map(static function (mixed $row) use ($name, $width, $each): array {
            $numbers = is_array($row) && array_is_list($row) ? array_filter($row, is_numeric(...)) : [];

            return count($numbers) === $width ? array_map(floatval(...), array_values($numbers))
                : throw InvalidInput::because($name, $each);
        }, array_slice($this->list($name), -$most));
    }

    /** @throws InvalidInput when it is none */
    public function number(string $name): float
    {
        $text = $this->text($name);

        return is_numeric($text) && is_finite((float) $text)
            ? (float) $text : throw InvalidInput::because($name, '"{name}" is a number here.', name: $name);
    }

    /**
     * SI.
     *
     * @throws InvalidInput when it is none
     */
    public function measure(string $name, Unit $unit): float
    {
        return Measure::parse($this->text($name), $unit, $name)->si;
    }
}
