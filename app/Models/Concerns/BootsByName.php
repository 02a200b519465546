<?php

declare(strict_types=1);

namespace App\Models\Concerns;

/**
 * Finds what a model's traits boot and initialize by their names, as Laravel names them. Laravel looks through every
 * method of the class for attributes too: a third of a millisecond for each of a dozen models, at every request.
 *
 * @phpstan-require-extends \Illuminate\Database\Eloquent\Model
 */
trait BootsByName
{
    protected static function bootTraits(): void
    {
        $class = static::class;
        $traits = array_unique(array_map(class_basename(...), class_uses_recursive($class)));
        $named = static fn (string $prefix): array => array_values(array_filter(
            array_map(static fn (string $trait): string => $prefix.$trait, $traits),
            static fn (string $method): bool => method_exists($class, $method),
        ));
        foreach ($named('boot') as $boot) {
            static::$boot();
        }
        static::$traitInitializers[$class] = $named('initialize');
    }
}
