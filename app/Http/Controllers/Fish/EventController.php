<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fish;

use App\Bites\BiteLog;
use App\Http\Controllers\Controller;
use App\Http\Requests\AmendEvent;
use App\Http\Requests\LogTap;
use App\Models\Event;
use App\Models\Outing;
use App\Presenters\Fish\OutingPresenter;
use App\Record\EventUndo;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What happens on the water. */
final class EventController extends Controller
{
    public function __construct(private readonly OutingPresenter $presenter)
    {
    }

    public function store(LogTap $request, Outing $outing): JsonResponse
    {
        BiteLog::of($request->angler())->log($outing, $request->what(), $request->setup(), $request->rod());

        return $this->now($request, $outing);
    }

    /** Mends one: where it came, which fish it was, what became of it. */
    public function update(AmendEvent $request, Event $event): JsonResponse
    {
        BiteLog::of($request->angler())->amend($event, $request->columns(), $request->counted(), $request->said());

        return $this->now($request, $event->outing);
    }

    /** Takes an event back. */
    public function destroy(Request $request, Event $event): JsonResponse
    {
        EventUndo::undo($event);

        return $this->now($request, $event->outing);
    }

    private function now(Request $request, Outing $outing): JsonResponse
    {
        return response()->json($this->presenter->told($this->angler($request), $outing));
    }
}
