<?php

declare(strict_types=1);

namespace App\Rows;

use App\Models\Lure as LureRow;
use Eskith\Core\Tackle\Accent;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Tackle\Point;
use Eskith\Core\Tackle\Proportions;
use Eskith\Core\Units\InvalidInput;

/** Turns rows of the tackle box into lures of the core. */
final class LureReader
{
    /** Whether a row can be made a lure of: what was kept by hand or by an older version may not. */
    public static function isSound(LureRow $row): bool
    {
        return self::hasSoundSize($row) && self::soundLure($row) !== null;
    }

    /** Whether it can be drawn, and its groups of parts are groups. */
    public static function hasSoundSize(LureRow $row): bool
    {
        $raw = $row->getAttributes();
        [$low, $high] = Proportions::RANGE_MM;
        $grouped = static fn (mixed $group): bool => $group === null || (is_string($group) && is_array(json_decode($group, true)));

        return $raw['length_mm'] >= $low && $raw['length_mm'] <= $high && $raw['height_mm'] >= $low && $raw['height_mm'] <= $high
            && $grouped($raw['build'] ?? null) && $grouped($raw['hooks'] ?? null);
    }

    /** The lure of a row, as lure() makes it; null when it cannot be read. */
    public static function soundLure(LureRow $row, ?Calibrations $measured = null): ?Lure
    {
        try {
            return self::lure($row, $measured);
        } catch (InvalidInput|\ValueError|\TypeError|\JsonException|\ErrorException) {
            return null;
        }
    }

    /** With calibrations, what the angler measured takes the place of what was assumed. */
    public static function lure(LureRow $row, ?Calibrations $measured = null): Lure
    {
        // Read raw and once: hundreds of lures are read for every answer. What a row has otherwise ends in an error, and is set aside.
        /**
         * @var array{
         *     id?: int, family: string, mass_kg: float, finish: string, red_near_hooks?: int, holes: string,
         *     balance_x?: float|null, balance_y?: float|null, build?: string|null
         * } $raw
         */
        $raw = $row->getAttributes();
        /** @var list<array{name: string, x: float|int, y: float|int}> $holes */
        $holes = json_decode((string) $raw['holes'], true, 4, JSON_THROW_ON_ERROR);
        $balance = isset($raw['balance_x'], $raw['balance_y']) ? Point::of((float) $raw['balance_x'], (float) $raw['balance_y']) : null;
        $id = (int) ($raw['id'] ?? 0);

        return Lure::of(
            (string) $id,
            Family::from($raw['family']),
            (float) $raw['mass_kg'],
            $raw['finish'],
            (bool) ($raw['red_near_hooks'] ?? false),
            array_map(static fn (array $hole): Hole => new Hole($hole['name'], Point::of((float) $hole['x'], (float) $hole['y'])), $holes),
            $measured?->balance($id, $holes)->balance ?? $balance,
            $measured?->drag($id) ?? [],
            self::accents($raw),
            str_contains((string) ($raw['build'] ?? ''), '"weedless":true'),
        );
    }

    /**
     * What was added to the finish: as ticked, and as its build tells.
     *
     * @param  array<string, mixed>  $raw
     * @return list<Accent>
     */
    private static function accents(array $raw): array
    {
        $ticked = is_string($raw['accents'] ?? null) ? json_decode($raw['accents'], true) : null;
        $build = is_string($raw['build'] ?? null) ? json_decode($raw['build'], true) : null;
        $part = static fn (string $name): string => is_array($build) && is_string($build[$name] ?? null)
            ? mb_strtolower($build[$name])
            : '';
        $found = array_map(
            static fn (mixed $one): ?Accent => is_string($one) ? Accent::tryFrom($one) : null, is_array($ticked) ? $ticked : [],
        );

        return array_values(array_filter([
            ...$found,
            $part('tape') === '' ? null : Accent::Tape,
            str_contains($part('tape'), 'gold') ? Accent::Gold : null,
            $part('scent') === '' ? null : Accent::Scent,
            $part('tail') === '' ? null : (str_contains($part('tail'), 'feather') ? Accent::Feather : Accent::SoftTail),
        ]));
    }
}
