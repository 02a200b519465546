<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Data\Places\WaterSheetData;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;
use Eskith\Core\Water\Water as Taste;
use Eskith\Telling\Enums\WaterKind;
use Illuminate\Validation\Rule;

/** A water made or changed. */
final class KeepWater extends AnglerRequest
{
    use ChangedFields;

    private const FIELDS = [
        'name' => ['name'], 'kind' => ['kind', 'profile'], 'salt' => ['salinity'], 'latitude' => ['latitude'], 'longitude' => ['longitude'],
        'flood' => ['flood_deg'], 'fastest' => ['fastest_ms', 'fastest_text'],
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:60'], 'kind' => ['required', Rule::enum(WaterKind::class)],
            'salt' => ['required', Rule::in(['fresh', 'brackish', 'sea'])],
            'latitude' => ['nullable', 'required_with:longitude', 'numeric', 'between:-89,89'],
            'longitude' => ['nullable', 'required_with:latitude', 'numeric', 'between:-180,180'],
            'flood' => ['nullable', 'string', 'max:20'], 'fastest' => ['nullable', 'string', 'max:40'],
            ...self::changedRules(),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name' => 'Give the water a name of up to 60 letters.', 'kind' => 'Choose what the water is.',
            'salt' => 'Fresh, brackish or salt?',
            'latitude' => 'Latitude is −89 to 89 degrees north, such as 45.233. Longitude goes with it.',
            'longitude' => 'Longitude is −180 to 180 degrees east, such as −7.879. Latitude goes with it.',
        ];
    }

    public function name(): string
    {
        return trim($this->word('name'));
    }

    /**
     * What becomes another of a water that is there.
     *
     * @return array<string, mixed> columns
     *
     * @throws InvalidInput when the flood or its current is none, or somebody else changed the same
     */
    public function changes(WaterSheetData $now): array
    {
        return $this->changedOf($this->columns(), self::FIELDS, $now);
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidInput when the flood or its current is none
     */
    public function columns(): array
    {
        $kind = WaterKind::from($this->word('kind'));
        $flood = $this->filled('flood') ? Measure::parse($this->word('flood'), Unit::Degree, 'flood')->si : null;
        if ($flood !== null && ! ($flood >= 0.0 && $flood <= 360.0)) {
            throw InvalidInput::because('flood', 'The flood runs toward a bearing between 0° and 360°.');
        }
        $fastest = $this->filled('fastest') ? Measure::parse(
            $this->word('fastest'), $this->angler()->settings()->units->speed, 'fastest'
        ) : null;
        if ($fastest !== null && ! ($fastest->si >= 0.0 && $fastest->si <= 6.0)) {
            throw InvalidInput::because('fastest', 'A tide that is fished runs at most 6 m/s.');
        }

        return [
            'name' => $this->name(), 'kind' => $kind->value, 'profile' => $kind->profile(),
            'salinity' => ['brackish' => Taste::BRACKISH, 'sea' => Taste::SEA][$this->word('salt')] ?? Taste::FRESH,
            'latitude' => $this->filled('latitude') ? round($this->float('latitude'), 6) : null,
            'longitude' => $this->filled('longitude') ? round($this->float('longitude'), 6) : null,
            'flood_deg' => $flood, 'fastest_ms' => $fastest?->si, 'fastest_text' => $fastest?->text,
        ];
    }
}
