<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Enums\GearKind;
use App\Models\User;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class KeepGear extends FormRequest
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

    /** @throws InvalidInput when a line's figures cannot be read */
    public function keep(User $user): void
    {
        $name = trim((string) $this->string('name'));
        $date = $this->filled('put_on') ? (string) $this->string('put_on') : null;
        if ($this->string('kind')->toString() === 'main line') {
            $diameter = Measure::parse((string) $this->string('diameter'), Unit::Millimetre, 'diameter');
            $strength = Measure::parse((string) $this->string('strength'), $user->likes()->units->strength, 'strength');
            if ($diameter->si < 0.00002 || $diameter->si > 0.003) {
                throw InvalidInput::because('diameter', 'Line diameter must be between 0.02 and 3 mm.');
            }
            if ($strength->si <= 0 || $strength->si > 2000) {
                throw InvalidInput::because('strength', 'A line holds more than nothing and less than 200 kg.');
            }
            $user->lines()->firstOrCreate(['name' => $name, 'diameter_text' => $diameter->text], [
                'kind' => (string) $this->string('material'), 'diameter_m' => $diameter->si, 'break_n' => $strength->si, 'break_text' => $strength->text,
                'in_use' => $user->lines()->doesntExist(), 'put_on' => $date,
            ]);

            return;
        }
        $user->gear()->firstOrCreate(['uuid' => (string) $this->string('uuid')], [
            'kind' => (string) $this->string('kind'), 'name' => $name, 'details' => trim((string) $this->string('details')),
            'quantity' => $this->integer('quantity', 1), 'put_on' => $date,
        ]);
    }
}
