<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\PlainText;

/** A decoded JSON object, read field by field with the path kept for errors. */
final readonly class Fields
{
    /** Numbers are taken up to this size, and taken for 0 below the other: no quantity of the job is beyond either. */
    private const LARGEST = 1e9;

    private const SMALLEST = 1e-12;

    /** @param  array<array-key, mixed>  $values */
    private function __construct(private array $values, private string $path)
    {
    }

    /** @throws InvalidInput unless it is an object */
    public static function of(mixed $value, string $path = ''): self
    {
        if (! is_array($value)) {
            throw InvalidInput::because($path, ($path === '' ? 'A case' : "\"{$path}\"").' must be an object.');
        }

        return new self($value, $path);
    }

    public function has(string $name): bool
    {
        return isset($this->values[$name]);
    }

    /** @throws InvalidInput unless it is a finite number; the default when it is absent */
    public function number(string $name, ?float $default = null): float
    {
        return $this->numberOrNull($name) ?? $default ?? throw $this->wrong($name, 'a number');
    }

    /** @throws InvalidInput unless it is a finite number or absent */
    public function numberOrNull(string $name): ?float
    {
        $value = $this->values[$name] ?? null;
        if ($value === null) {
            return null;
        }

        return $this->within($value) ?? throw $this->wrong($name, 'a number');
    }

    /** @throws InvalidInput unless it is a whole number */
    public function whole(string $name): int
    {
        $value = $this->values[$name] ?? null;

        return is_int($value) && abs($value) <= self::LARGEST ? $value : throw $this->wrong($name, 'a whole number up to a billion');
    }

    /** @throws InvalidInput unless it is text or, without a default, absent */
    public function text(string $name, ?string $default = null): string
    {
        $value = $this->values[$name] ?? $default;

        return is_string($value) && PlainText::isReadable($value) ? $value : throw $this->wrong($name, 'text');
    }

    /** @throws InvalidInput unless it is true or false, 1 or 0, or absent (false) */
    public function flag(string $name): bool
    {
        $value = $this->values[$name] ?? false;

        return in_array($value, [true, false, 0, 1], true) ? (bool) $value : throw $this->wrong($name, 'true or false');
    }

    /** @throws InvalidInput unless it is text or a number */
    public function textOrNumber(string $name): string|float
    {
        $value = $this->values[$name] ?? null;

        return match (true) {
            is_string($value) => $value,
            default => $this->within($value) ?? throw $this->wrong($name, 'text or a number'),
        };
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @param  T|null  $default
     * @return T
     *
     * @throws InvalidInput unless it is one of the enum's values; the default when it is absent
     */
    public function one(string $enum, string $name, ?\BackedEnum $default = null): \BackedEnum
    {
        return $this->oneOrNull($enum, $name) ?? $default ?? throw $this->wrong($name, 'one of '.self::choices($enum));
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T|null
     *
     * @throws InvalidInput unless it is one of the enum's values or absent
     */
    public function oneOrNull(string $enum, string $name): ?\BackedEnum
    {
        $value = $this->values[$name] ?? null;
        if ($value === null) {
            return null;
        }

        return (is_string($value) ? $enum::tryFrom($value) : null) ?? throw $this->wrong($name, 'one of '.self::choices($enum));
    }

    /** @throws InvalidInput unless it is an object */
    public function inner(string $name): self
    {
        return self::of($this->values[$name] ?? null, $this->at($name));
    }

    /**
     * @return list<mixed>
     *
     * @throws InvalidInput unless it is a list or absent (empty)
     */
    public function items(string $name): array
    {
        $value = $this->values[$name] ?? [];

        return is_array($value) && array_is_list($value) ? $value : throw $this->wrong($name, 'a list');
    }

    /**
     * @return list<self>
     *
     * @throws InvalidInput unless it is a list of objects or absent (empty)
     */
    public function objects(string $name): array
    {
        return array_map(
            fn (mixed $one, int $i): self => self::of($one, $this->at($name).".{$i}"), $this->items($name), array_keys($this->items($name)),
        );
    }

    /**
     * @return list<list<float>>
     *
     * @throws InvalidInput unless it is a list of lists of so many numbers, or absent (empty)
     */
    public function numbers(string $name, int $count): array
    {
        return array_map(function (mixed $one) use ($name, $count): array {
            $numbers = is_array($one) && array_is_list($one) ? array_filter(array_map($this->within(...), $one), is_float(...)) : [];

            return count($numbers) === $count && is_array($one) && count($one) === $count
                ? array_values($numbers)
                : throw $this->wrong($name, "a list of lists of {$count} numbers");
        }, $this->items($name));
    }

    /**
     * @return array{float, float}
     *
     * @throws InvalidInput unless it is a list of two numbers
     */
    public function pair(string $name): array
    {
        [$first, $second] = [...array_map($this->within(...), $this->items($name)), null, null];

        return $first !== null && $second !== null && count($this->items($name)) === 2
            ? [$first, $second]
            : throw $this->wrong($name, 'a pair of numbers');
    }

    /** A number as it is reckoned with; null for anything else. */
    private function within(mixed $value): ?float
    {
        if (! is_int($value) && ! is_float($value) || ! (abs($value) <= self::LARGEST)) {
            return null;
        }

        return abs($value) < self::SMALLEST ? 0.0 : (float) $value;
    }

    public function at(string $name): string
    {
        return $this->path === '' ? $name : "{$this->path}.{$name}";
    }

    private function wrong(string $name, string $wanted): InvalidInput
    {
        return InvalidInput::because($this->at($name), "\"{$this->at($name)}\" must be {$wanted}.");
    }

    /** @param  class-string<\BackedEnum>  $enum */
    private static function choices(string $enum): string
    {
        return implode(', ', array_map(static fn (\BackedEnum $case): string => (string) $case->value, $enum::cases()));
    }
}
