<?php

declare(strict_types=1);

namespace App\Data;

use BackedEnum;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionParameter;

/** Writes the TypeScript twin of everything in app/Data and telling/Data that crosses HTTP. */
final class TypeScript
{
    /** Columns at which the formatter of the interface breaks a line. */
    private const WIDTH = 120;

    public static function path(): string
    {
        return base_path('resources/js/types.ts');
    }

    public static function text(): string
    {
        $shapes = [];
        $enums = [];
        foreach (self::classes() as $class) {
            $name = $class->getShortName();
            $shapes[$name] = isset($shapes[$name])
                ? throw new \LogicException("Two shapes are called {$name}; there they are one.")
                : self::shape($class, $enums);
        }
        ksort($shapes);
        ksort($enums);
        $text = "// Written by `php artisan types` from app/Data and telling/Data. Change it there.\n";
        foreach ($enums as $name => $enum) {
            $values = array_map(static fn (BackedEnum $case): string => json_encode($case->value, JSON_THROW_ON_ERROR), $enum::cases());
            $line = "export type {$name} = ".implode(' | ', $values).';';
            $text .= "\n".(mb_strlen($line) <= self::WIDTH ? $line : "export type {$name} =\n\t| ".implode("\n\t| ", $values).';')."\n";
        }

        return $text.implode('', $shapes);
    }

    /** @return list<ReflectionClass<object>> */
    private static function classes(): array
    {
        $classes = [];
        foreach ([__NAMESPACE__ => 'app/Data', 'Eskith\\Telling\\Data' => 'telling/Data'] as $space => $folder) {
            $root = base_path($folder);
            foreach ([...(glob("{$root}/*Data.php") ?: []), ...(glob("{$root}/*/*.php") ?: [])] as $file) {
                $name = $space.str_replace('/', '\\', substr($file, strlen($root), -strlen('.php')));
                if (class_exists($name) && (new ReflectionClass($name))->getConstructor() !== null) {
                    $classes[] = new ReflectionClass($name);
                }
            }
        }

        return $classes;
    }

    /**
     * @param  ReflectionClass<object>  $class
     * @param  array<string, class-string<BackedEnum>>  $enums  by the name they are known by there; those met here are added
     */
    private static function shape(ReflectionClass $class, array &$enums): string
    {
        $constructor = $class->getConstructor();
        $docs = self::docs((string) $constructor?->getDocComment());
        $text = "\nexport interface {$class->getShortName()} {\n";
        foreach ($constructor?->getParameters() ?? [] as $parameter) {
            $type = $parameter->getType();
            $name = $type instanceof ReflectionNamedType ? $type->getName() : '';
            if (is_subclass_of($name, BackedEnum::class)) {
                $enums[class_basename($name)] = $name;
            }
            $text .= "\t{$parameter->getName()}: ".self::type($parameter, $docs[$parameter->getName()] ?? null).";\n";
        }

        return $text."}\n";
    }

    /** @return array<string, string> documented types by parameter */
    private static function docs(string $comment): array
    {
        preg_match_all('/@param\s+(.+?)\s+\$(\w+)/', $comment, $found);

        return array_combine($found[2], $found[1]);
    }

    private static function type(ReflectionParameter $parameter, ?string $documented): string
    {
        $type = $parameter->getType();
        if (! $type instanceof ReflectionNamedType) {
            throw new \LogicException("{$parameter->getName()} needs one plain type.");
        }
        $name = match ($type->getName()) {
            'string' => $documented === null || ! str_starts_with($documented, "'")
                ? 'string'
                : str_replace(["'", '|'], ['"', ' | '], $documented),
            'int', 'float' => 'number',
            'bool' => 'boolean',
            'array' => self::listType($documented ?? throw new \LogicException("{$parameter->getName()} needs a documented list type.")),
            default => class_basename($type->getName()),
        };

        return $name.($type->allowsNull() ? ' | null' : '');
    }

    private static function listType(string $documented): string
    {
        if (preg_match('/^list<(\w+)>$/', $documented, $found) === 1) {
            return self::scalar($found[1]).'[]';
        }
        if (preg_match('/^list<(list<\w+>)>$/', $documented, $found) === 1) {
            return self::listType($found[1]).'[]';
        }
        if (preg_match('/^list<(\w+)\|null>$/', $documented, $found) === 1) {
            return '('.self::scalar($found[1]).' | null)[]';
        }
        if (preg_match('/^array<string, (\w+|list<\w+>)>$/', $documented, $found) === 1) {
            return 'Record<string, '.(str_starts_with($found[1], 'list') ? self::listType($found[1]) : self::scalar($found[1])).'>';
        }
        throw new \LogicException("{$documented} cannot be written in TypeScript.");
    }

    private static function scalar(string $type): string
    {
        return ['string' => 'string', 'int' => 'number', 'float' => 'number', 'bool' => 'boolean'][$type] ?? $type;
    }
}
