<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LogEvent;
use App\Http\Requests\TieOn;
use App\Models\Event;
use App\Models\Outing;
use App\Presenters\Fish\OutingPresenter;
use App\Presenters\Lure\AnswerPresenter;
use App\Readings\ReadingBook;
use App\Record\Logbook;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Inertia\Inertia;
use Inertia\Response;

/** The Fish station: an outing from the first drop to the end. */
final class OutingController extends Controller
{
    public function show(Request $request, OutingPresenter $presenter, AnswerPresenter $answers): Response
    {
        $user = $this->angler($request);
        $book = ReadingBook::of($user);
        $logbook = Logbook::of($user);
        $outing = $logbook->underWay();
        $setup = $outing === null ? null : $logbook->setup($outing);
        if ($outing === null || $setup === null) {
            return Inertia::render('Fish', ['outing' => null, 'answer' => $answers->today($user)]);
        }
        [$data, $answer] = $presenter->of($user, $outing, $setup, $book);

        return Inertia::render('Fish', ['outing' => $data, 'answer' => $answer]);
    }

    public function tieOn(TieOn $request): RedirectResponse
    {
        Logbook::of($this->angler($request))->tieOn($request->uuid(), $request->integer('lure'), $request->hole(), (string) $request->string('cadence'));

        return redirect('/fish');
    }

    public function log(LogEvent $request, Outing $outing, OutingPresenter $presenter): JsonResponse
    {
        $this->authorize('own', $outing);
        Logbook::of($this->angler($request))->log($outing, $request->what());

        return $this->now($request, $outing, $presenter);
    }

    public function undo(Request $request, Event $event, OutingPresenter $presenter): JsonResponse
    {
        $this->authorize('own', $event);
        Event::query()->whereKey($event->id)->whereNull('undone_at')->update(['undone_at' => Carbon::now()]);

        return $this->now($request, $event->outing, $presenter);
    }

    public function end(Request $request, Outing $outing): RedirectResponse
    {
        $this->authorize('own', $outing);
        Outing::query()->whereKey($outing->id)->whereNull('ended_at')->update(['ended_at' => Carbon::now()]);

        return redirect('/fish')->with('said', "The outing at {$outing->place} is ended and kept.");
    }

    private function now(Request $request, Outing $outing, OutingPresenter $presenter): JsonResponse
    {
        $user = $this->angler($request);
        $setup = Logbook::of($user)->setup($outing) ?? abort(404);
        [$data, $answer] = $presenter->of($user, $outing, $setup, ReadingBook::of($user));

        return response()->json(['outing' => $data, 'column' => $answer->column]);
    }
}
