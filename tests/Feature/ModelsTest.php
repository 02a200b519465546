<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Attributes\Boot;
use Illuminate\Database\Eloquent\Attributes\Initialize;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use ReflectionClass;
use ReflectionMethod;
use ReflectionProperty;
use Tests\TestCase;

final class ModelsTest extends TestCase
{
    use RefreshDatabase;

    /** @return iterable<string, array{class-string<Model>}> */
    public static function models(): iterable
    {
        foreach (glob(__DIR__.'/../../app/Models/*.php') ?: [] as $file) {
            /** @var class-string<Model> $class */
            $class = 'App\\Models\\'.basename($file, '.php');
            yield basename($file, '.php') => [$class];
        }
    }

    /** @param  class-string<Model>  $class */
    #[DataProvider('models')]
    public function test_all_that_laravel_would_boot_and_initialize_is_found_by_name(string $class): void
    {
        self::assertContains(BootsByName::class, class_uses_recursive($class));
        (new ReflectionMethod($class, 'bootTraits'))->invoke(null);
        $found = (new ReflectionProperty(Model::class, 'traitInitializers'))->getValue()[$class];
        $named = array_map(static fn (string $trait): string => class_basename($trait), class_uses_recursive($class));
        $wanted = [];
        foreach ((new ReflectionClass($class))->getMethods() as $method) {
            self::assertSame(
                [], $method->getAttributes(Boot::class),
                "{$class}::{$method->name} boots by an attribute, which is not looked for",
            );
            if (
                $method->getAttributes(Initialize::class) !== []
                    || (str_starts_with($method->name, 'initialize') && in_array(Str::after($method->name, 'initialize'), $named, true))
            ) {
                $wanted[] = $method->name;
            }
        }

        self::assertNotSame([], $wanted);
        self::assertEqualsCanonicalizing($wanted, $found);
    }

    /** @param  class-string<Model>  $class */
    #[DataProvider('models')]
    public function test_its_table_is_there(string $class): void
    {
        self::assertTrue(Schema::hasTable((new $class)->getTable()));
    }
}
