<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Data\Places\PlacedSpotData;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;
use Eskith\Core\Water\Bottom;
use Eskith\Core\Water\Frame;
use Illuminate\Validation\Rule;

/** A spot made on the chart, or changed. */
final class PlaceSpot extends AnglerRequest
{
    use ChangedFields;
    use TypedPosition;

    private const FIELDS = [
        'name' => ['name'], 'depth' => ['depth_m'], 'bottom' => ['bottom'], 'wall' => ['wall'], 'x' => ['east_m'], 'y' => ['north_m'],
        'facing' => ['facing_deg'],
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $metres = ['nullable', 'numeric', 'between:'.-Frame::FARTHEST_M.','.Frame::FARTHEST_M];

        return [
            'name' => ['required', 'string', 'max:60'], 'depth' => ['required', 'string', 'max:40'],
            'bottom' => ['required', Rule::enum(Bottom::class)], 'wall' => ['boolean'], 'x' => ['required_with:y', ...$metres],
            'y' => ['required_with:x', ...$metres],
            'facing' => ['nullable', 'string', 'max:20'], 'position' => ['nullable', 'string', 'max:80'], ...self::changedRules(),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name' => 'Give the spot a name of up to 60 letters.', 'depth' => 'Say how deep it is there, such as 26 ft.',
            'bottom' => 'Choose a bottom from the list.', 'x' => 'A spot lies on the chart.', 'y' => 'A spot lies on the chart.',
        ];
    }

    public function name(): string
    {
        return trim($this->word('name'));
    }

    /**
     * What becomes another of a spot that is there.
     *
     * @return array<string, mixed> columns
     *
     * @throws InvalidInput when a figure is none, or somebody else changed the same
     */
    public function changes(PlacedSpotData $now): array
    {
        return $this->changedOf($this->columns(), self::FIELDS, $now);
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidInput when a figure is none
     */
    public function columns(): array
    {
        $depth = Measure::parse($this->word('depth'), $this->angler()->settings()->units->depth, 'depth')->si;
        if (! ($depth >= 0.3 && $depth <= 150.0)) {
            throw InvalidInput::because('depth', 'A spot that is fished is between 0.3 and 150 m deep.');
        }
        $facing = $this->filled('facing') ? Measure::parse($this->word('facing'), Unit::Degree, 'facing')->si : null;
        if ($facing !== null && ! ($facing >= 0.0 && $facing <= 360.0)) {
            throw InvalidInput::because('facing', 'You face a bearing between 0° and 360°.');
        }

        $typed = $this->typedPosition();

        return [
            'name' => $this->name(), 'depth_m' => $depth, 'bottom' => Bottom::from($this->word('bottom')), 'wall' => $this->boolean('wall'),
            'facing_deg' => $facing, 'east_m' => $typed->east ?? ($this->filled('x') ? $this->float('x') : null),
            'north_m' => $typed->north ?? ($this->filled('y') ? $this->float('y') : null),
        ];
    }
}
