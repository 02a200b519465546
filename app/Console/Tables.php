<?php

declare(strict_types=1);

namespace App\Console;

use BackedEnum;
use Eskith\Core\Choosing\Chart\ChartFindings;
use Eskith\Core\Choosing\RuleBook;
use Eskith\Core\Units\Unit;
use LogicException;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use ReflectionClass;
use ReflectionEnum;
use ReflectionMethod;
use UnitEnum;

/**
 * What the core rests on, as tables to read: every rule with what it can give, every kind with all that is said of it, every
 * figure with what it stands for. Written from where each is defined, so that one more of them is there too, and none is changed
 * without being seen.
 */
final class Tables
{
    public static function path(): string
    {
        return dirname(__DIR__, 2).'/docs/tables.md';
    }

    public static function text(): string
    {
        return "# What the rules rest on\n\nWritten by `php artisan types` from where each is defined. SI units, angles in degrees.\n"
            .self::rules().self::kinds().self::figures().self::said();
    }

    private static function rules(): string
    {
        $text = "\n## Rules\n\n| rule | what it holds | points at most |\n|---|---|---|\n";
        foreach ([...RuleBook::standard()->rules, ...ChartFindings::all()] as $rule) {
            $text .= "| {$rule->id} | {$rule->says} | ".self::plain($rule->stake)." |\n";
        }

        return $text;
    }

    private static function kinds(): string
    {
        $text = "\n## Kinds\n";
        foreach (self::classes() as $class) {
            $asked = enum_exists($class) ? self::asked($class) : [];
            if ($asked === []) {
                continue;
            }
            /** @var class-string<UnitEnum> $class */
            $text .= "\n### ".self::name($class)."\n\n".self::says((new ReflectionEnum($class))->getDocComment())."\n\n";
            foreach ($class::cases() as $case) {
                $told = array_filter(array_map(static fn (ReflectionMethod $method): string => self::answer($method, $case), $asked));
                $text .= '- **'.($case instanceof BackedEnum ? $case->value : $case->name).'**: '.implode('; ', $told)."\n";
            }
        }

        return $text;
    }

    /**
     * What can be asked of each case without anything else.
     *
     * @param  class-string  $enum
     * @return list<ReflectionMethod>
     */
    private static function asked(string $enum): array
    {
        return array_values(array_filter(
            (new ReflectionClass($enum))->getMethods(ReflectionMethod::IS_PUBLIC),
            static fn (ReflectionMethod $method): bool => ! $method->isStatic() && $method->getNumberOfRequiredParameters() === 0
                && $method->getFileName() !== false && (string) $method->getReturnType() !== 'Closure',
        ));
    }

    /** What it says of a case; '' where that cannot be asked of this one. */
    private static function answer(ReflectionMethod $method, UnitEnum $case): string
    {
        try {
            return "{$method->name} ".self::plain($method->invoke($case));
        } catch (LogicException) {
            return '';
        }
    }

    private static function figures(): string
    {
        $text = "\n## Figures\n\n| where | figure | what it is |\n|---|---|---|\n";
        foreach (self::classes() as $class) {
            foreach ((new ReflectionClass($class))->getReflectionConstants() as $constant) {
                $value = $constant->getValue();
                if ($constant->getDeclaringClass()->name !== $class || ! self::isFigure($value)) {
                    continue;
                }
                $text .= '| '.self::name($class)." | {$constant->name} ".self::plain($value).' | '
                    .self::says($constant->getDocComment())." |\n";
            }
        }

        return $text;
    }

    /** How numbers are rounded where they are said, on either side of where that changes. */
    private static function said(): string
    {
        $numbers = [0.0456, 0.96, 1.94, 2.06, 9.94, 10.06, 19.94, 20.06, 99.4, 123.456];
        $text = "\n## Numbers as they are said\n\n| unit | ".implode(' | ', $numbers)." |\n|---".str_repeat('|---', count($numbers))."|\n";
        foreach (Unit::cases() as $unit) {
            $text .= "| {$unit->name} | ".implode(' | ', array_map($unit->printValue(...), $numbers))." |\n";
        }

        return $text;
    }

    private static function isFigure(mixed $value): bool
    {
        return is_int($value) || is_float($value) || (is_array($value) && $value !== [] && array_filter(
            $value, static fn (mixed $one): bool => ! self::isFigure($one),
        ) === []);
    }

    /** @return list<class-string> of the core, by name */
    private static function classes(): array
    {
        $root = dirname(__DIR__, 2).'/core';
        $classes = [];
        /** @var \SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            $class = 'Eskith\\Core\\'.strtr(substr($file->getPathname(), strlen($root) + 1, -4), '/', '\\');
            if (class_exists($class) || enum_exists($class)) {
                $classes[] = $class;
            }
        }
        sort($classes);

        return $classes;
    }

    private static function name(string $class): string
    {
        return strtr(substr($class, strlen('Eskith\\Core\\')), '\\', '/');
    }

    /** The sentences of a comment, without what is only for tools. */
    private static function says(string|false $comment): string
    {
        $text = (string) preg_replace(['#^\s*/\*\*|\*/\s*$#', '/^\s*\*\s?/m', '/^@.*$/m'], '', (string) $comment);

        return strtr(trim((string) preg_replace('/\s+/', ' ', $text)), ['|' => '\\|']);
    }

    private static function plain(mixed $value): string
    {
        return match (true) {
            $value === null => 'none',
            is_bool($value) => $value ? 'yes' : 'no',
            is_int($value), is_float($value) => (string) json_encode($value),
            is_string($value) => '“'.strtr($value, ['|' => '\\|']).'”',
            $value instanceof BackedEnum => (string) $value->value,
            $value instanceof UnitEnum => $value->name,
            is_array($value) && array_is_list($value) => '['.implode(', ', array_map(self::plain(...), $value)).']',
            is_array($value) => self::named($value),
            is_object($value) => self::named(get_object_vars($value)),
            default => '?',
        };
    }

    /** @param  array<array-key, mixed>  $values */
    private static function named(array $values): string
    {
        $told = [];
        foreach ($values as $name => $value) {
            if (! $value instanceof \Closure) {
                $told[] = "{$name} ".self::plain($value);
            }
        }

        return '('.implode(', ', $told).')';
    }
}
