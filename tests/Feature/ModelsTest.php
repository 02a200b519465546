<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Schema;
use PHPUnit\Framework\Attributes\DataProvider;
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
    public function test_its_table_is_there(string $class): void
    {
        self::assertTrue(Schema::hasTable((new $class)->getTable()));
    }

    public function test_what_leads_to_a_row_is_found_by_an_index(): void
    {
        $unfound = [];
        foreach (Schema::getTables() as $table) {
            $indexed = array_map(static fn (array $index): string => $index['columns'][0], Schema::getIndexes($table['name']));
            foreach (Schema::getForeignKeys($table['name']) as $key) {
                if (! in_array($key['columns'][0], $indexed, true)) {
                    $unfound[] = "{$table['name']}.{$key['columns'][0]}";
                }
            }
        }

        self::assertSame([], $unfound, 'whoever takes a row away reads through all of these');
    }
}
