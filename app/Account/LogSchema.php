<?php

declare(strict_types=1);

namespace App\Account;

use Eskith\Core\Words\Words;

/** The published schema of a log of outings, as LogFile writes it: a list for each table that outings lean on. */
final class LogSchema
{
    public static function path(): string
    {
        return public_path('schema/log.schema.json');
    }

    public static function text(): string
    {
        $lists = [];
        foreach (Tables::all() as $table) {
            $lists[$table->name] = ['type' => 'array', 'items' => self::row($table)];
        }
        $schema = [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => '/schema/log.schema.json',
            'title' => 'A log of outings of Eskith',
            'description' => 'Rows are numbered in each list. A link gives the number of its row.',
            'type' => 'object',
            'required' => ['format', 'version'],
            'properties' => ['format' => ['const' => LogFile::FORMAT], 'version' => ['const' => LogFile::VERSION], ...$lists],
        ];

        return json_encode($schema, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";
    }

    /** @return array<string, mixed> */
    private static function row(Table $table): array
    {
        $properties = ['no' => ['type' => 'integer', 'minimum' => 1]];
        foreach ($table->links as $column => $to) {
            $type = in_array($column, $table->optional, true) ? ['integer', 'null'] : 'integer';
            $properties[$column] = ['type' => $type, 'title' => Words::of('a row of {to}', to: $to)];
        }
        foreach ($table->columns as $name => $column) {
            $properties[$name] = $column->schema();
        }

        return ['type' => 'object', 'required' => ['no'], 'properties' => $properties];
    }
}
