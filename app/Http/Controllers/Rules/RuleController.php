<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rules;

use App\Data\Pages\RulesPage;
use App\Http\Controllers\Controller;
use App\Http\Requests\WeighRule;
use App\Http\Requests\WeighRules;
use App\Kits\Kits;
use App\Presenters\Lure\RulesPresenter;
use App\Rules\AnglerRules;
use Eskith\Telling\Lure\AnswerPresenter;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Response;

/** The angler's own version of the rule base. */
final class RuleController extends Controller
{
    public function index(Request $request): Response
    {
        $rankedBox = Kits::ranked($this->angler($request));
        $presenter = new RulesPresenter($rankedBox);

        return (new RulesPage(
            AnswerPresenter::headline($rankedBox), $presenter->groups(), $presenter->changes(), $rankedBox->choices->isAsItComes(),
            ...$presenter->words(),
        ))->render();
    }

    /** How much one rule counts: 0 is off, 1 as it comes. */
    public function update(WeighRule $request, string $rule): RedirectResponse
    {
        AnglerRules::of($request->angler())->weigh($rule, $request->float('weight'));

        return back();
    }

    public function updateAll(WeighRules $request): RedirectResponse
    {
        AnglerRules::of($request->angler())->weighAll($request->boolean('on') ? 1.0 : 0.0);

        return back();
    }

    /** Back to the rule base as it comes. */
    public function destroyAll(Request $request): RedirectResponse
    {
        AnglerRules::of($this->angler($request))->reset();

        return back();
    }
}
