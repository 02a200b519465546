<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tackle;

use App\Http\Controllers\Controller;
use App\Http\Requests\KeepCardRule;
use App\Models\CardRule;
use App\Models\Water;
use Illuminate\Http\RedirectResponse;

/** The angler's own card: sizes, slot, bag and closed days of a fish on a water. */
final class CardRuleController extends Controller
{
    public function store(KeepCardRule $request, Water $water): RedirectResponse
    {
        $request->angler()->cardRules()->updateOrCreate(
            ['water_id' => $water->id, 'species' => $request->species()], $request->columns(),
        );

        return back()->with('said', "On your card for {$water->name}: {$request->species()}.");
    }

    public function destroy(CardRule $rule): RedirectResponse
    {
        $rule->delete();

        return back()->with('said', "{$rule->species} is off your card.");
    }
}
