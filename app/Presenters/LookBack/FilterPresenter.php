<?php

declare(strict_types=1);

namespace App\Presenters\LookBack;

use App\Models\User;
use App\Rows\OutingSummary;
use Eskith\Core\Choosing\TempBand;
use Eskith\Core\Words\Words;
use Eskith\Telling\Data\OptionData;
use Eskith\Telling\Kept\Coerce;

/** Which parts of the record can be looked at. */
final readonly class FilterPresenter
{
    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /**
     * @param  array<string, OutingSummary>  $all  of the whole record
     * @return array<string, list<OptionData>>
     */
    public function all(array $all): array
    {
        $bands = array_unique(array_map(static fn (OutingSummary $one): int => $one->band()->value ?? -1, $all));
        sort($bands);

        return [
            'water' => self::options(array_map(static fn (OutingSummary $one): string => $one->water ?? '', $all)),
            'species' => self::options(array_map(static fn (OutingSummary $one): string => $one->species, $all)),
            'band' => array_values(array_map(
                fn (int $band): OptionData => new OptionData((string) $band, $this->band(TempBand::from($band))),
                array_filter($bands, static fn (int $band): bool => $band >= 0),
            )),
            'year' => self::options(array_map(static fn (OutingSummary $one): string => (string) $one->year(), $all)),
            'rod' => self::options(array_map(Coerce::text(...), $this->user->rods()->orderBy('id')->pluck('name')->all())),
            'who' => [new OptionData('own', 'your own rods'), new OptionData('partners', "partners' rods")],
        ];
    }

    /**
     * @param  array<array-key, string>  $values
     * @return list<OptionData> each once, '' left out
     */
    private static function options(array $values): array
    {
        $values = array_unique(array_filter($values, static fn (string $value): bool => $value !== ''));
        sort($values);

        return array_map(static fn (string $value): OptionData => new OptionData($value, str_replace('_', ' ', $value)), $values);
    }

    /** "up to 40 °F" */
    private function band(TempBand $band): string
    {
        $unit = $this->user->settings()->units->temperature;
        $at = static fn (float $celsius): string => round($unit->fromSi($celsius))."\u{A0}{$unit->symbol()}";

        return match ($band) {
            TempBand::VeryCold => Words::of('up to {to}', to: $at(4.5)),
            TempBand::Cold => Words::of('{from} to {to}', from: $at(4.5), to: $at(10.0)),
            TempBand::Cool => Words::of('{from} to {to}', from: $at(10.0), to: $at(13.0)),
            TempBand::Mild => Words::of('{from} to {to}', from: $at(13.0), to: $at(15.5)),
            TempBand::Warm => Words::of('{from} to {to}', from: $at(15.5), to: $at(20.0)),
            TempBand::Hot => Words::of('above {from}', from: $at(20.0)),
        };
    }
}
