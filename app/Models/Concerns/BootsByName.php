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
        $methods = get_class_methods(static::class);
        $named = static fn (string $prefix): array => array_intersect(
            array_unique(array_map(static fn (string $trait): string => $prefix.class_basename($trait), self::traits())),
            $methods,
        );
        foreach ($named('boot') as $boot) {
            static::$boot();
        }
        static::$traitInitializers[static::class] = array_values($named('initialize'));
    }

    /** @return list<string> its own and those of what it extends, which most models share */
    private static function traits(): array
    {
        static $shared = null;
        $parent = (string) get_parent_class(static::class);

        return array_values([...$shared[$parent] ??= class_uses_recursive($parent), ...trait_uses_recursive(static::class)]);
    }
}
