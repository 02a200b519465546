<?php

declare(strict_types=1);

namespace Eskith\Telling;

use BackedEnum;
use DateTimeImmutable;
use DateTimeInterface;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Choosing\KeptRecord;
use Eskith\Telling\Choosing\RecordSays;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionParameter;

/**
 * Objects of public values as plain arrays, and back: by the names and types of what they are constructed with. A class with lists
 * of objects says in LISTS of what.
 */
final class Plain
{
    /** As moments are written. */
    private const MOMENT = 'Y-m-d\TH:i:s.uP';

    /** @return array<array-key, mixed>|scalar|null */
    public static function of(mixed $value): array|string|int|float|bool|null
    {
        return match (true) {
            $value instanceof BackedEnum => $value->value,
            $value instanceof DateTimeInterface => $value->format(self::MOMENT),
            is_object($value) => self::of(get_object_vars($value)),
            is_array($value) => array_map(self::of(...), $value),
            is_scalar($value) => $value,
            default => null,
        };
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @return T
     *
     * @throws InvalidInput naming the field that is not what it must be
     */
    public static function make(string $class, mixed $fields, string $at = ''): object
    {
        if (! is_array($fields)) {
            throw InvalidInput::because($at, 'It must be a group of fields.');
        }
        $reflected = new ReflectionClass($class);
        $lists = $reflected->hasConstant('LISTS') ? $reflected->getConstant('LISTS') : [];
        $given = [];
        foreach ($reflected->getConstructor()?->getParameters() ?? [] as $parameter) {
            $name = $parameter->getName();
            $path = $at === '' ? $name : "{$at}.{$name}";
            $item = is_array($lists) ? ($lists[$name] ?? null) : null;
            $given[$name] = is_string($item) && class_exists($item)
                ? self::listOf($item, $fields[$name] ?? null, $path)
                : self::one($parameter, $fields[$name] ?? null, $path);
        }

        return $reflected->newInstanceArgs($given);
    }

    /**
     * @param  class-string  $class
     * @return list<object>
     */
    private static function listOf(string $class, mixed $items, string $at): array
    {
        if (! is_array($items)) {
            throw InvalidInput::because($at, 'It must be a list.');
        }

        return array_values(array_map(static fn (mixed $item): object => self::make($class, $item, $at), $items));
    }

    private static function one(ReflectionParameter $parameter, mixed $value, string $at): mixed
    {
        $type = $parameter->getType();
        if (! $type instanceof ReflectionNamedType) {
            throw new \LogicException("{$at} needs one type.");
        }
        if ($value === null && $type->allowsNull()) {
            return null;
        }
        $name = $type->getName();
        $read = match (true) {
            $name === 'string' => is_string($value) ? $value : null,
            $name === 'int' => is_int($value) ? $value : null,
            $name === 'float' => is_int($value) || is_float($value) ? (float) $value : null,
            $name === 'bool' => is_bool($value) ? $value : null,
            $name === 'array' => is_array($value) ? $value : null,
            $name === DateTimeInterface::class => is_string($value)
                ? (DateTimeImmutable::createFromFormat(self::MOMENT, $value) ?: null)
                : null,
            is_subclass_of($name, BackedEnum::class) => is_string($value) || is_int($value) ? $name::tryFrom($value) : null,
            $name === RecordSays::class => self::make(KeptRecord::class, $value, $at),
            class_exists($name) => self::make($name, $value, $at),
            default => throw new \LogicException("{$at} is of no plain type."),
        };

        return $read ?? throw InvalidInput::because($at, 'It is not what it must be here.');
    }
}
