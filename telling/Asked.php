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

        return is_string($text) ? $text : throw InvalidInput::because($name, "This question needs \"{$name}\" in its address.");
    }

    /** @return list<mixed> empty where there is none; as a list, or as JSON of one */
    public function list(string $name): array
    {
        $list = $this->given[$name] ?? null;
        $list = is_string($list) ? json_decode($list, true, self::DEEP) : $list;

        return is_array($list) && array_is_list($list) ? $list : [];
    }

    /** @throws InvalidInput when it is none */
    public function number(string $name): float
    {
        $text = $this->text($name);

        return is_numeric($text) && is_finite((float) $text)
            ? (float) $text : throw InvalidInput::because($name, "\"{$name}\" is a number here.");
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
