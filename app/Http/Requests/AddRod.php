<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Eskith\Core\Rig\Connector;
use Eskith\Core\Rig\Material;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;

final class AddRod extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'uuid' => ['required', 'uuid'],
            'name' => ['required', 'string', 'max:80'],
            'owner' => ['nullable', 'string', 'max:40'],
            'still' => ['sometimes', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name' => 'Give the rod a name, such as casting rod.', 'owner' => 'Say whose rod it is in at most 40 letters.',
            'still' => 'A rod is fished, or stays out with other bait.',
        ];
    }

    /**
     * Rigged as is usual, for a first rod.
     *
     * @return array{uuid: string, name: string, owner: string|null, still: bool, length_m: float, length_text: string,
     *   lifts_kg: float, lifts_text: string, leader: Material, leader_n: float, leader_n_text: string, leader_m: float,
     *   leader_m_text: string, connector: Connector}
     */
    public function rod(): array
    {
        $metric = $this->angler()->settings()->units->depth === Unit::Metre;
        $length = Measure::parse($metric ? '2.1 m' : '7 ft', Unit::Metre);
        $lifts = Measure::parse('1 kg', Unit::Kilogram);
        $strength = Measure::parse('8 lb', Unit::PoundForce);
        $leader = Measure::parse($metric ? '1.5 m' : '5 ft', Unit::Metre);

        return [
            'uuid' => $this->uuid(), 'name' => trim($this->word('name')),
            'owner' => $this->filled('owner') ? trim($this->word('owner')) : null, 'still' => $this->boolean('still'),
            'length_m' => $length->si, 'length_text' => $length->text, 'lifts_kg' => $lifts->si, 'lifts_text' => $lifts->text,
            'leader' => Material::Fluorocarbon, 'leader_n' => $strength->si, 'leader_n_text' => $strength->text,
            'leader_m' => $leader->si, 'leader_m_text' => $leader->text, 'connector' => Connector::Snap,
        ];
    }
}
