<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Outing;
use App\Models\Spot;
use App\Models\Water;
use App\Record\Moves;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Support\Carbon;

/** The outing goes on at another spot: one that is known, or a new one by its name. */
final class MoveTap extends AnglerRequest implements ActsOnOuting
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'uuid' => ['required', 'uuid'], 'at' => self::moment(), 'spot' => ['required_without:name', 'nullable', 'integer'],
            'name' => ['nullable', 'string', 'max:120'], 'water' => ['nullable', 'string', 'max:120'],
            'setups' => ['nullable', 'array', 'max:60'], 'setups.*' => ['uuid'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['spot' => 'Choose a spot, or name a new one.', 'name' => 'A spot\'s name has up to 120 characters.'];
    }

    public function at(): Carbon
    {
        return $this->date('at') ?? Carbon::now();
    }

    /** @return array<string, string> what is on a rod from now on, by the rod; uuids */
    public function setups(): array
    {
        $given = $this->input('setups');

        $setups = [];
        foreach (is_array($given) ? $given : [] as $rod => $setup) {
            $setups[(string) $rod] = Coerce::text($setup);
        }

        return $setups;
    }

    /**
     * The spot; a new one is made, on the water that is named or on the one where the outing is.
     *
     * @throws InvalidInput when it is gone, or a new one has no name or water
     */
    public function spot(Outing $outing): Spot
    {
        $angler = $this->angler();
        if ($this->filled('spot')) {
            return $angler->spots()->with('water')->find($this->integer('spot'))
                ?? throw InvalidInput::because('spot', 'That spot is no longer yours. Choose another.');
        }
        $name = trim($this->word('name'));
        $water = trim($this->word('water'));
        $on = $water === '' ? $outing->spotAt($this->at())?->water : $this->water($water);
        if ($name === '' || $on === null) {
            throw InvalidInput::because($name === '' ? 'name' : 'water', 'Name the new spot and its water.');
        }
        $spot = $angler->spots()->firstOrCreate(['water_id' => $on->id, 'name' => $name], ['user_id' => $angler->id]);

        return $spot->setRelation('water', $on);
    }

    private function water(string $name): Water
    {
        return $this->angler()->waters()->firstOrCreate(['name' => $name], ['kind' => 'lake', 'profile' => 'uniform', 'salinity' => 0.0]);
    }

    public function act(Outing $outing): void
    {
        Moves::of($this->angler())->move($outing, $this->uuid(), $this->spot($outing), $this->at(), $this->setups());
    }
}
