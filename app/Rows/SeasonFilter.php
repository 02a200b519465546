<?php

declare(strict_types=1);

namespace App\Rows;

use Eskith\Core\Choosing\TempBand;

/** Which part of the record is looked at; null for all of it. */
final readonly class SeasonFilter
{
    public const WHO = ['own', 'partners'];

    private function __construct(
        public ?string $water = null, public ?string $species = null, public ?TempBand $band = null, public ?int $year = null,
        public ?string $rod = null, public ?string $who = null,
    ) {
    }

    public static function none(): self
    {
        return new self;
    }

    /**
     * As it stands in an address; what cannot be is passed over.
     *
     * @param  array<array-key, mixed>  $query
     */
    public static function of(array $query): self
    {
        $text = static fn (string $name): ?string => is_string($query[$name] ?? null) && $query[$name] !== '' ? $query[$name] : null;
        $year = (int) ($text('year') ?? 0);
        $band = $text('band');

        return new self(
            water: $text('water'), species: $text('species'),
            band: $band !== null && ctype_digit($band) ? TempBand::tryFrom((int) $band) : null,
            year: $year > 1900 && $year < 2200 ? $year : null, rod: $text('rod'),
            who: in_array($text('who'), self::WHO, true) ? $text('who') : null,
        );
    }

    /** @return array<string, string> as it stands in an address */
    public function query(): array
    {
        return array_filter([
            'water' => $this->water ?? '', 'species' => $this->species ?? '',
            'band' => $this->band === null ? '' : (string) $this->band->value,
            'year' => $this->year === null ? '' : (string) $this->year, 'rod' => $this->rod ?? '', 'who' => $this->who ?? '',
        ], static fn (string $value): bool => $value !== '');
    }
}
