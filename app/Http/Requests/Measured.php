<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;
use Eskith\Telling\Enums\MeasurementKind;
use Illuminate\Validation\Rule;

final class Measured extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'uuid' => ['required', 'uuid'],
            'kind' => ['required', Rule::enum(MeasurementKind::class)],
            'pick' => ['required_unless:kind,drift', 'nullable', 'string', 'max:80'],
            'seconds' => ['required_unless:kind,hang,start', 'nullable', 'string', 'max:40'],
            'angle' => ['required_if:kind,hang', 'nullable', 'string', 'max:40'],
            'distance' => ['required_if:kind,drift', 'nullable', 'string', 'max:40'],
            'travel' => ['required_if:kind,start', 'nullable', 'string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'pick' => 'Choose the lure that was measured.',
            'seconds' => 'Say how long it took, such as 9 s.',
            'angle' => 'Say at which angle it hangs, such as 35°.',
            'distance' => 'Say how far the boat went, such as 50 ft.',
            'travel' => 'Say how far the tip went to the first vibration, such as 2 in.',
        ];
    }

    public function kind(): MeasurementKind
    {
        return MeasurementKind::from((string) $this->string('kind'));
    }

    /** @throws InvalidInput */
    public function seconds(): float
    {
        $seconds = Measure::parse((string) $this->string('seconds'), Unit::Second, 'seconds')->si;

        return $seconds > 0 && $seconds <= 3600
            ? $seconds
            : throw InvalidInput::because('seconds', 'The time must be more than 0 and at most an hour.');
    }

    /** @throws InvalidInput */
    public function angle(): float
    {
        $angle = Measure::parse((string) $this->string('angle'), Unit::Degree, 'angle')->si;

        return abs($angle) <= 180 ? $angle : throw InvalidInput::because('angle', 'A hang angle lies between −180° and 180°.');
    }

    /** @throws InvalidInput */
    public function distance(): float
    {
        $distance = Measure::parse((string) $this->string('distance'), $this->angler()->settings()->units->depth, 'distance')->si;

        return $distance > 0 && $distance <= 5000
            ? $distance
            : throw InvalidInput::because('distance', 'The distance must be more than 0 and at most 5 km.');
    }

    /** @throws InvalidInput */
    public function travel(): float
    {
        $travel = Measure::parse($this->word('travel'), $this->angler()->settings()->units->fishLength, 'travel')->si;

        return $travel > 0 && $travel <= 3
            ? $travel
            : throw InvalidInput::because('travel', 'The tip goes more than nothing and at most 3 m (10 ft).');
    }

    /** The way to fish that was measured, "lure.hole.cadence". */
    public function pick(): string
    {
        return $this->word('pick');
    }
}
