<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tackle;

use App\Http\Controllers\Controller;
use App\Http\Requests\KeepCardRule;
use App\Models\CardRule;
use App\Models\Water;
use Eskith\Core\Words\Words;
use Illuminate\Http\RedirectResponse;

/** The angler's own card: sizes, slot, bag and closed days of a fish on a water. */
final class CardRuleController extends Controller
{
    public function store(KeepCardRule $request, Water $water): RedirectResponse
    {
        $request->angler()->cardRules()->updateOrCreate(
            ['water_id' => $water->id, 'species' => $request->species()], $request->columns(),
        );

        return back()->with('said', Words::of('On your card for {water}: {species}.', water: $water->name, species: $request->species()));
    }

    public function destroy(CardRule $rule): RedirectResponse
    {
        $rule->delete();

        return back()->with('said', Words::of('{species} is off your card.', species: $rule->species));
    }
}
