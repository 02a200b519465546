<?php

declare(strict_types=1);

namespace Eskith\Telling;

use BackedEnum;
use DateTimeImmutable;
use DateTimeInterface;
use Eskith\Core\Units\InvalidInput;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionParameter;

/**
 * Objects of public values as plain arrays, and back: by the names and types of what they are constructed with. A class with lists
 * of objects says in LISTS of what, and in KEPT_AS what stands for an interface.
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
        [$lists, $keptAs] = [self::classes($reflected, 'LISTS'), self::classes($reflected, 'KEPT_AS')];
        $given = [];
        foreach ($reflected->getConstructor()?->getParameters() ?? [] as $parameter) {
            $name = $parameter->getName();
            $path = $at === '' ? $name : "{$at}.{$name}";
            $value = $fields[$name] ?? null;
            $given[$name] = match (true) {
                isset($lists[$name]) => self::listOf($lists[$name], $value, $path),
                isset($keptAs[$name]) => self::make($keptAs[$name], $value, $path),
                default => self::one($parameter, $value, $path),
            };
        }

        return $reflected->newInstanceArgs($given);
    }

    /**
     * @param  ReflectionClass<object>  $of
     * @return array<string, class-string> by field
     */
    private static function classes(ReflectionClass $of, string $constant): array
    {
        $classes = [];
        $named = $of->hasConstant($constant) ? $of->getConstant($constant) : [];
        foreach (is_array($named) ? $named : [] as $field => $class) {
            if (is_string($class) && class_exists($class)) {
                $classes[(string) $field] = $class;
            }
        }

        return $classes;
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
            class_exists($name) => self::make($name, $value, $at),
            default => throw new \LogicException("{$at} is of no plain type."),
        };

        return $read ?? throw InvalidInput::because($at, 'It is not what it must be here.');
    }
}
