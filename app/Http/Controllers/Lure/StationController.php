<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lure;

use App\Data\Pages\LurePage;
use App\Http\Controllers\Controller;
use App\Kits\Kits;
use App\Presenters\Fish\OutingPresenter;
use App\Presenters\Lure\TodaysAnswer;
use Eskith\Telling\Data\Lure\AnswerData;
use Eskith\Telling\Question;
use Eskith\Telling\Readings\ReadingBook;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Inertia\Response;

/** The stations that show the drop. */
final class StationController extends Controller
{
    public function lure(Request $request): Response
    {
        [$answer, $trouble] = $this->answerOrTrouble($request);

        $user = $this->angler($request);

        return (new LurePage(
            answer: $answer,
            trouble: $trouble,
            tied: OutingPresenter::tied($user),
            severalRods: $user->rods()->onBoard()->count() > 1,
        ))->render();
    }

    /** The answer alone, for readings that are only being tried. */
    public function answer(Request $request): JsonResponse
    {
        return response()->json(Question::Answer->of(Kits::of($this->angler($request)), $request->query(), Carbon::now()));
    }

    /** @return array{AnswerData, string|null} */
    private function answerOrTrouble(Request $request): array
    {
        return TodaysAnswer::orTrouble(
            $this->angler($request), ReadingBook::among($request->query()), $this->textOrNull($request, 'pick'),
            $this->textOrNull($request, 'family'),
        );
    }
}
