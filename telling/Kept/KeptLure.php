<?php

declare(strict_types=1);

namespace Eskith\Telling\Kept;

use Eskith\Core\Tackle\Accent;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Tackle\Point;
use Eskith\Core\Tackle\Proportions;
use Eskith\Core\Units\InvalidInput;

/** A lure as it lies in the box: the columns it is kept in, and the lure of the core that they make. */
final readonly class KeptLure
{
    /** @param  array<string, mixed>  $columns  as they are kept: numbers, texts, and JSON where a column holds more */
    public function __construct(public array $columns)
    {
    }

    public function id(): int
    {
        return Coerce::whole($this->columns['id'] ?? 0);
    }

    public function text(string $column): string
    {
        return Coerce::text($this->columns[$column] ?? '');
    }

    public function number(string $column): float
    {
        return Coerce::number($this->columns[$column] ?? 0);
    }

    /**
     * Where the line can be tied, as it is kept.
     *
     * @return list<array{name: string, x: float|int, y: float|int}>
     *
     * @throws \JsonException
     */
    public function holes(): array
    {
        /** @var list<array{name: string, x: float|int, y: float|int}> */
        return json_decode($this->text('holes'), true, 4, JSON_THROW_ON_ERROR);
    }

    /** @return array<array-key, mixed> a group of parts, such as its hooks, by part */
    public function group(string $column): array
    {
        $group = json_decode($this->text($column), true);

        return is_array($group) ? $group : [];
    }

    /** Its words as they were typed: "1/2 oz blade". */
    public function typed(): string
    {
        return trim("{$this->text('mass_text')} ".(string) Family::tryFrom($this->text('family'))?->word());
    }

    /** As it is told of where it cannot be read. */
    public function unusable(): UnusableRow
    {
        return UnusableRow::lure($this->id(), trim("{$this->typed()}, {$this->text('finish')}", ' ,'));
    }

    /** Whether all of them are lost. */
    public function isLost(): bool
    {
        $lost = (int) $this->text('lost');

        return $lost > 0 && $lost >= (int) $this->text('quantity');
    }

    /** With so many more of them lost. */
    public function losing(int $more): self
    {
        return new self([...$this->columns, 'lost' => max(0, (int) $this->text('lost') + $more)]);
    }

    /** Of a usual dozen, and not yet said to be one's own. */
    public function isUsual(): bool
    {
        return ($this->group('build')['usual'] ?? null) === true;
    }

    /** Whether a lure can be made of it: what was kept by hand or by an older version may not. */
    public function isSound(): bool
    {
        return $this->hasSoundSize() && $this->soundLure() !== null;
    }

    /** Whether it can be drawn, and its groups of parts are groups. */
    public function hasSoundSize(): bool
    {
        [$low, $high] = Proportions::RANGE_MM;
        $fits = fn (string $column): bool => ($this->columns[$column] ?? null) >= $low && ($this->columns[$column] ?? null) <= $high;
        $grouped = static fn (mixed $group): bool => $group === null || (is_string($group) && is_array(json_decode($group, true)));

        return $fits('length_mm') && $fits('height_mm')
            && $grouped($this->columns['build'] ?? null) && $grouped($this->columns['hooks'] ?? null);
    }

    /** The lure, as lure() makes it; null when it cannot be read. */
    public function soundLure(?Calibrations $measured = null): ?Lure
    {
        try {
            return $this->lure($measured);
        } catch (\Throwable) {
            // Whatever is wrong with it: what was kept by hand or by an older version may be anything.
            return null;
        }
    }

    /**
     * The lure; with calibrations, what the angler measured takes the place of what was assumed. What is kept otherwise than it
     * must be ends in an error.
     *
     * @throws InvalidInput|\ValueError|\TypeError|\JsonException
     */
    public function lure(?Calibrations $measured = null): Lure
    {
        // Read once and as it is: hundreds of lures are read for every answer.
        /**
         * @var array{
         *     family: string, mass_kg: float, finish: string, red_near_hooks?: int, holes: string,
         *     balance_x?: float|null, balance_y?: float|null, build?: string|null
         * } $raw
         */
        $raw = $this->columns;
        $holes = $this->holes();
        $balance = isset($raw['balance_x'], $raw['balance_y']) ? Point::of((float) $raw['balance_x'], (float) $raw['balance_y']) : null;
        $id = $this->id();

        return Lure::of(
            (string) $id,
            Family::from($raw['family']),
            (float) $raw['mass_kg'],
            $raw['finish'],
            (bool) ($raw['red_near_hooks'] ?? false),
            array_map(static fn (array $hole): Hole => new Hole($hole['name'], Point::of((float) $hole['x'], (float) $hole['y'])), $holes),
            $measured?->balance($id, $holes)->balance ?? $balance,
            $measured?->drag($id) ?? [],
            $this->accents(),
            str_contains($this->text('build'), '"weedless":true'),
        );
    }

    /** @return list<Accent> what was added to the finish: as ticked, and as its build tells */
    private function accents(): array
    {
        $build = $this->group('build');
        $part = static fn (string $name): string => is_string($build[$name] ?? null) ? mb_strtolower($build[$name]) : '';
        $found = array_map(
            static fn (mixed $one): ?Accent => is_string($one) ? Accent::tryFrom($one) : null, array_values($this->group('accents')),
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
