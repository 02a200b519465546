<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Places\Surveys;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Water\Frame;
use Eskith\Core\Words\Words;

/** Soundings by hand: places on the chart, with the depth found there. */
final class KeepSoundings extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $metres = ['required', 'numeric', 'between:'.-Frame::FARTHEST_M.','.Frame::FARTHEST_M];

        return [
            'uuid' => ['required', 'uuid'], 'soundings' => ['required', 'array', 'list', 'max:'.Surveys::BY_HAND],
            'soundings.*' => ['required', 'array'], 'soundings.*.x' => $metres, 'soundings.*.y' => $metres,
            'soundings.*.depth' => ['required', 'string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'soundings' => Words::of('Lay at least one sounding on the chart, and at most {most} at once.', most: Surveys::BY_HAND),
            'soundings.*' => 'A sounding has a place on the chart and a depth, such as 26 ft.',
            'soundings.*.depth' => 'Say how deep it is there, such as 26 ft.',
        ];
    }

    /**
     * @return list<array{float, float, float}> m east, m north, m deep
     *
     * @throws InvalidInput when a depth is none
     */
    public function soundings(): array
    {
        $unit = $this->angler()->settings()->units->depth;
        /** @var list<array{x: int|float|string, y: int|float|string, depth: string}> $given */
        $given = $this->validated('soundings');

        return array_map(static function (array $one) use ($unit): array {
            $depth = Measure::parse($one['depth'], $unit, 'soundings')->si;

            return $depth > 0.0 && $depth <= 500.0
                ? [(float) $one['x'], (float) $one['y'], $depth]
                : throw InvalidInput::because('soundings', 'A sounding lies below the surface, and at most 500 m down.');
        }, $given);
    }
}
