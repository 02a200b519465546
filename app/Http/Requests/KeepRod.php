<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Eskith\Core\Rig\Connector;
use Eskith\Core\Rig\Material;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;
use Eskith\Telling\Rig\RodRead;
use Illuminate\Validation\Rule;

final class KeepRod extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'uuid' => ['required', 'uuid'],
            'name' => ['required', 'string', 'max:80'],
            'length' => ['required', 'string', 'max:40'],
            'lifts' => ['required', 'string', 'max:40'],
            'line' => ['nullable', 'integer'],
            'leader' => ['nullable', Rule::enum(Material::class)],
            'leader_strength' => ['required_with:leader', 'nullable', 'string', 'max:40'],
            'leader_length' => ['required_with:leader', 'nullable', 'string', 'max:40'],
            'connector' => ['required', Rule::enum(Connector::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name' => 'Give the rod a name, such as vertical rod.',
            'length' => 'Say how long the rod is, such as 7 ft.',
            'lifts' => 'Say what the rod lifts, such as 2 lb.',
            'line' => 'That line is not yours. Choose another.',
            'leader' => 'A leader is braid, fluorocarbon or monofilament, or there is none.',
            'leader_strength' => 'Say how strong the leader is, such as 8 lb.',
            'leader_length' => 'Say how long the leader is, such as 5 ft.',
            'connector' => 'Say how the lure is joined: direct, ring, snap or swivel.',
        ];
    }

    public function lineId(): ?int
    {
        return $this->filled('line') ? $this->integer('line') : null;
    }

    /**
     * @return array{uuid: string, name: string, length_m: float, length_text: string, lifts_kg: float, lifts_text: string,
     *   leader: Material|null, leader_n: float|null, leader_n_text: string|null, leader_m: float|null, leader_m_text: string|null,
     *   connector: Connector} as columns
     *
     * @throws InvalidInput when a figure cannot be read or no rod has it
     */
    public function rod(): array
    {
        $units = $this->angler()->settings()->units;
        $length = $this->measured('length', $units->depth, RodRead::ROD_M, 'A rod is between 0.4 and 5 m (16 ft) long.');
        $lifts = $this->measured('lifts', $units->fishWeight, RodRead::LIFTS_KG, 'A rod lifts between 0.1 and 30 kg (66 lb).');
        $leader = $this->enum('leader', Material::class);
        $strength = null;
        $long = null;
        if ($leader !== null) {
            $strength = Measure::parse($this->word('leader_strength'), $units->strength, 'leader_strength');
            if (! RodRead::breaks($strength->si)) {
                throw InvalidInput::because('leader_strength', 'A leader holds over 0 and under 200 kg (440 lb).');
            }
            $long = $this->measured('leader_length', $units->depth, RodRead::LEADER_M, 'A leader is between 0.1 and 10 m (33 ft) long.');
        }

        return [
            'uuid' => $this->uuid(), 'name' => trim($this->word('name')),
            'length_m' => $length->si, 'length_text' => $length->text, 'lifts_kg' => $lifts->si, 'lifts_text' => $lifts->text,
            'leader' => $leader, 'leader_n' => $strength?->si, 'leader_n_text' => $strength?->text,
            'leader_m' => $long?->si, 'leader_m_text' => $long?->text,
            'connector' => Connector::from($this->word('connector')),
        ];
    }

    /**
     * @param  array{float, float}  $range
     *
     * @throws InvalidInput
     */
    private function measured(string $field, Unit $unit, array $range, string $refusal): Measure
    {
        $measure = Measure::parse($this->word($field), $unit, $field);

        return RodRead::within($measure->si, $range) ? $measure : throw InvalidInput::because($field, $refusal);
    }
}
