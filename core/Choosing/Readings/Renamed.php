<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Readings;

use Eskith\Core\Choosing\Reading;

/** Readings as older links, files and archives call them. "The flow runs away, yes or no" became where the water runs. */
final class Renamed
{
    private const AWAY = 'away';

    /** @return array{string, string}|null name and choice as they are now; null for what says nothing any more */
    public static function reading(string $name, string $text): ?array
    {
        return match (true) {
            $name !== self::AWAY => [$name, $text],
            $text === 'yes' => [Reading::Runs->value, 'away'],
            default => null,
        };
    }

    /**
     * A condition of an own rule.
     *
     * @param  array<array-key, mixed>  $condition
     * @return array<array-key, mixed>
     */
    public static function condition(array $condition): array
    {
        if (($condition['reading'] ?? null) !== self::AWAY) {
            return $condition;
        }
        $any = is_array($condition['any'] ?? null) ? $condition['any'] : [];

        return [...$condition, 'reading' => Reading::Runs->value, 'any' => [
            ...(in_array('yes', $any, true) ? ['away'] : []), ...(in_array('no', $any, true) ? ['toward', 'across'] : []),
        ]];
    }
}
