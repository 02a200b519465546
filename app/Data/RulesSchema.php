<?php

declare(strict_types=1);

namespace App\Data;

use Eskith\Core\Choosing\Reading;

/** The published schema of the rules file, with the readings that rules know. */
final class RulesSchema
{
    public static function path(): string
    {
        return public_path('schema/rules.schema.json');
    }

    /** As it stands, with the readings of today. */
    public static function text(): string
    {
        /** @var array{'$defs': array{condition: array{properties: array{reading: array{enum: list<string>}}}}} $schema */
        $schema = json_decode((string) file_get_contents(self::path()), true, 32, JSON_THROW_ON_ERROR);
        $schema['$defs']['condition']['properties']['reading']['enum'] = array_column(Reading::used(), 'value');

        return json_encode($schema, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";
    }
}
