<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lure;

use App\Http\Controllers\Controller;
use App\Kits\Kits;
use Eskith\Telling\Choosing\RankedBox;
use Eskith\Telling\Lure\ComparePresenter;
use Eskith\Telling\Readings\ReadingBook;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Two picks side by side. */
final class CompareController extends Controller
{
    public function show(Request $request): JsonResponse
    {
        $rankedBox = $this->rankedBox($request);

        return response()->json(
            ComparePresenter::of(
                $rankedBox, $rankedBox->demand($this->text($request, 'a')), $rankedBox->demand($this->text($request, 'b')),
            ),
        );
    }

    /** What would put a lure on top. */
    public function onTop(Request $request): JsonResponse
    {
        $rankedBox = $this->rankedBox($request);
        $pick = $rankedBox->demand($this->text($request, 'pick'));

        return response()->json(['pick' => RankedBox::key($pick), 'words' => ComparePresenter::onTop($rankedBox, $pick)]);
    }

    /** @throws \Eskith\Core\Units\InvalidInput when a tried reading cannot be used */
    private function rankedBox(Request $request): RankedBox
    {
        return Kits::ranked($this->angler($request), ReadingBook::among($request->query()));
    }
}
