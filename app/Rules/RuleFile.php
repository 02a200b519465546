<?php

declare(strict_types=1);

namespace App\Rules;

use Eskith\Core\CommandLine\Fields;
use Eskith\Core\Formats\JsonBounds;
use Eskith\Core\Units\InvalidInput;

/** An angler's rules as a JSON file (public/schema/rules.schema.json). */
final class RuleFile
{
    public const BYTES = 200_000;

    public static function json(AnglerRules $rules): string
    {
        $own = array_map(
            static fn (string $id, array $fields): array => ['id' => $id, ...$fields], array_keys($rules->choices->fields),
            $rules->choices->fields,
        );

        return json_encode(
            ['format' => 'eskith-rules', 'version' => 1, 'weights' => (object) $rules->choices->weights, 'own' => $own],
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        )."\n";
    }

    /** @throws InvalidInput when it is no such file or anything in it cannot be used; then nothing has changed */
    public static function take(AnglerRules $rules, string $text): void
    {
        $file = JsonBounds::hold($text) ? json_decode($text, true, JsonBounds::LEVELS) : null;
        if (! is_array($file) || ($file['format'] ?? null) !== 'eskith-rules' || ($file['version'] ?? null) !== 1) {
            throw InvalidInput::because('file', 'That is no file of Eskith rules. Choose one that was exported here.');
        }
        $fields = Fields::of($file);
        $weights = [];
        if (isset($file['weights']) && (! is_array($file['weights']) || ($file['weights'] !== [] && array_is_list($file['weights'])))) {
            throw InvalidInput::because('weights', '"weights" must name rules, each with how much it counts.');
        }
        foreach (array_keys($file['weights'] ?? []) as $rule) {
            $weights[(string) $rule] = $fields->inner('weights')->number((string) $rule);
        }
        $own = [];
        foreach ($fields->items('own') as $i => $one) {
            $own[Fields::of($one, "own.{$i}")->text('id')] = is_array($one) ? $one : [];
        }
        $rules->replace($weights, $own);
    }
}
