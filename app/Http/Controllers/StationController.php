<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Data\AnswerData;
use App\Data\TiedData;
use App\Presenters\Lure\AnswerPresenter;
use App\Readings\ReadingBook;
use App\Record\Logbook;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** The stations that show the drop. */
final class StationController extends Controller
{
    /** Stations that are not built yet: what will be there, and what serves until then. */
    private const LATER = [
        'rig' => ['Rig', 'Rod, line, leader, connector and hooks, checked against each other, with the weakest link named.'],
        'work' => ['Work', 'The cadence kept for you: lift, fall and pause by count, so that what worked can be done again.'],
        'look-back' => ['Look back', 'What worked, at which speed, depth, hole and finish, from your own record.'],
        'places' => ['Places', 'Your waters and spots, with the bottom you found there.'],
    ];

    public function lure(Request $request, AnswerPresenter $answers): Response
    {
        return $this->station($request, $answers, 'Lure');
    }

    public function later(Request $request, AnswerPresenter $answers): Response
    {
        [$title, $will] = self::LATER[$request->path()];

        return $this->station($request, $answers, 'Later', ['title' => $title, 'will' => $will]);
    }

    /** The answer alone, for readings that are only being tried. */
    public function answer(Request $request, AnswerPresenter $answers): JsonResponse
    {
        return response()->json($this->answerFor($request, $answers));
    }

    /** @param  array<string, mixed>  $more */
    private function station(Request $request, AnswerPresenter $answers, string $page, array $more = []): Response
    {
        try {
            $answer = $this->answerFor($request, $answers);
            $trouble = null;
        } catch (InvalidInput $bad) {
            $answer = $answers->today($this->angler($request));
            $trouble = "A reading in this link cannot be used, so yours are shown. {$bad->getMessage()}";
        }
        $logbook = Logbook::of($this->angler($request));
        $outing = $logbook->underWay();
        $setup = $outing === null ? null : $logbook->setup($outing);

        return Inertia::render($page, [
            'answer' => $answer,
            'trouble' => $trouble,
            'tied' => $outing === null || $setup === null ? null : new TiedData($setup->key(), Logbook::quietSince($setup, $logbook->lastBite($outing))->toIso8601String()),
            ...$more,
        ]);
    }

    /** @throws InvalidInput */
    private function answerFor(Request $request, AnswerPresenter $answers): AnswerData
    {
        [$wanted, $family] = [$request->query('pick'), $request->query('family')];

        return $answers->today($this->angler($request), ReadingBook::among($request->query()), is_string($wanted) ? $wanted : null, is_string($family) ? $family : null);
    }
}
