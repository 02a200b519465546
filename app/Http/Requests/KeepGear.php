<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;
use Eskith\Telling\Enums\GearKind;
use Eskith\Telling\Kept\LineInUse;
use Illuminate\Validation\Rule;

final class KeepGear extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'uuid' => ['required', 'uuid'],
            'kind' => ['required', Rule::in(['main line', ...array_column(GearKind::cases(), 'value')])],
            'name' => ['required', 'string', 'max:80'],
            'details' => ['nullable', 'string', 'max:120'],
            'quantity' => ['integer', 'between:1,999'],
            'put_on' => ['bail', 'nullable', 'string', 'date_format:Y-m-d', 'before:tomorrow'],
            'diameter' => ['required_if:kind,main line', 'nullable', 'string', 'max:40'],
            'strength' => ['required_if:kind,main line', 'nullable', 'string', 'max:40'],
            'material' => ['required_if:kind,main line', 'nullable', Rule::in(['braid', 'fluorocarbon', 'monofilament'])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Give it a name, such as braid, 20 lb.',
            'diameter' => 'Say how thick the line is, such as 0.20 mm.',
            'strength' => 'Say how strong the line is, such as 20 lb.',
            'material' => 'Say whether it is braid, fluorocarbon or monofilament.',
            'put_on' => 'A date is written like 2026-11-25 and is not in the future.',
            'quantity' => 'Quantity is a whole number from 1 to 999.',
        ];
    }

    public function isLine(): bool
    {
        return $this->word('kind') === 'main line';
    }

    /**
     * A main line, as columns.
     *
     * @return array{name: string, diameter_text: string, kind: string, diameter_m: float, break_n: float, break_text: string,
     *   put_on: string|null}
     *
     * @throws InvalidInput when its figures cannot be read
     */
    public function line(): array
    {
        $diameter = Measure::parse($this->word('diameter'), Unit::Millimetre, 'diameter');
        $strength = Measure::parse($this->word('strength'), $this->angler()->settings()->units->strength, 'strength');
        if (! LineInUse::isDiameter($diameter->si)) {
            throw InvalidInput::because('diameter', 'Line is 0.02 to 3 mm thick.');
        }
        if ($strength->si <= 0 || $strength->si > 2000) {
            throw InvalidInput::because('strength', 'A line holds over 0 and under 200 kg.');
        }

        return [
            'name' => $this->name(), 'diameter_text' => $diameter->text, 'kind' => $this->word('material'), 'diameter_m' => $diameter->si,
            'break_n' => $strength->si, 'break_text' => $strength->text, 'put_on' => $this->since(),
        ];
    }

    /**
     * @return array{uuid: string, kind: GearKind, name: string, details: string, quantity: int, put_on: string|null} anything
     * else, as columns
     */
    public function gear(): array
    {
        return [
            'uuid' => $this->uuid(), 'kind' => GearKind::from($this->word('kind')), 'name' => $this->name(),
            'details' => trim($this->word('details')),
            'quantity' => $this->integer('quantity', 1), 'put_on' => $this->since(),
        ];
    }

    private function name(): string
    {
        return trim($this->word('name'));
    }

    private function since(): ?string
    {
        return $this->filled('put_on') ? $this->word('put_on') : null;
    }
}
