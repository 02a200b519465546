<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Choosing\RankedBox;
use App\Presenters\Lure\ComparePresenter;
use App\Presenters\Lure\SecondLookPresenter;
use App\Readings\ReadingBook;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Questions about the choice itself, and the lure kept in sight. */
final class ChoiceController extends Controller
{
    public function secondLook(Request $request): JsonResponse
    {
        return response()->json(SecondLookPresenter::of($this->standing($request)));
    }

    public function compare(Request $request): JsonResponse
    {
        $rankedBox = $this->standing($request);

        return response()->json(ComparePresenter::of($rankedBox, $rankedBox->demand($this->text($request, 'a')), $rankedBox->demand($this->text($request, 'b'))));
    }

    /** What would put a lure on top. */
    public function onTop(Request $request): JsonResponse
    {
        $rankedBox = $this->standing($request);
        $pick = $rankedBox->demand($this->text($request, 'pick'));

        return response()->json(['pick' => RankedBox::key($pick), 'words' => ComparePresenter::onTop($rankedBox, $pick)]);
    }

    /** Keeps a lure in the list wherever it ranks; the one before it is let go. */
    public function pin(Request $request): Response
    {
        $user = $this->angler($request);
        $request->validate(['lure' => ['nullable', 'integer']]);
        $lure = $request->input('lure');
        $user->update(['pinned_lure_id' => $lure === null ? null : $user->lures()->inBox()->findOrFail((int) $lure)->id]);

        return response()->noContent();
    }

    /** @throws \Eskith\Core\Units\InvalidInput when a tried reading cannot be used */
    private function standing(Request $request): RankedBox
    {
        return RankedBox::today($this->angler($request), ReadingBook::among($request->query()));
    }
}
