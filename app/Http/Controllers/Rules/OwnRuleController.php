<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rules;

use App\Http\Controllers\Controller;
use App\Http\Requests\KeepRule;
use App\Kits\Kits;
use App\Presenters\Lure\RulesPresenter;
use App\Rules\AnglerRules;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Rules of the angler's own. */
final class OwnRuleController extends Controller
{
    public function update(KeepRule $request, string $uuid): RedirectResponse
    {
        AnglerRules::of($request->angler())->keep($uuid, $request->fields());

        return back();
    }

    /** What a rule would change, without keeping it. */
    public function try(KeepRule $request, string $uuid): JsonResponse
    {
        $rankedBox = Kits::ranked($request->angler());
        $rule = AnglerRules::of($request->angler())->read($uuid, $request->fields());

        return response()->json((new RulesPresenter($rankedBox))->trying($rankedBox->choices->trying($rule)));
    }

    public function destroy(Request $request, string $uuid): RedirectResponse
    {
        AnglerRules::of($this->angler($request))->drop($uuid);

        return back();
    }
}
