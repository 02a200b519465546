<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Account\LogSchema;
use App\Console\Figures;
use App\Console\Kinds;
use App\Data\TypeScript;
use Tests\TestCase;

final class TypesTest extends TestCase
{
    public function test_the_interface_knows_the_shapes_that_are_sent(): void
    {
        self::assertSame(TypeScript::text(), file_get_contents(TypeScript::path()), 'Run php artisan types.');
    }

    public function test_the_interface_knows_the_kinds_of_things_that_grow(): void
    {
        self::assertSame(Kinds::text(), file_get_contents(Kinds::path()), 'Run php artisan types.');
        self::assertSame(Figures::text(), file_get_contents(Figures::path()), 'Run php artisan types.');
    }

    public function test_the_schema_of_the_log_is_that_of_the_tables(): void
    {
        self::assertSame(LogSchema::text(), file_get_contents(LogSchema::path()), 'Run php artisan types.');
    }
}
