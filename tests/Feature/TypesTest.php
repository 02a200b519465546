<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Account\LogSchema;
use App\Data\TypeScript;
use Tests\TestCase;

final class TypesTest extends TestCase
{
    public function test_the_interface_knows_the_shapes_that_are_sent(): void
    {
        self::assertSame(TypeScript::text(), file_get_contents(TypeScript::path()), 'Run php artisan types.');
    }

    public function test_the_interface_draws_lures_by_the_outlines_of_the_core(): void
    {
        self::assertSame(TypeScript::outlines(), file_get_contents(TypeScript::outlinesPath()), 'Run php artisan types.');
    }

    public function test_the_schema_of_the_log_is_that_of_the_tables(): void
    {
        self::assertSame(LogSchema::text(), file_get_contents(LogSchema::path()), 'Run php artisan types.');
    }
}
