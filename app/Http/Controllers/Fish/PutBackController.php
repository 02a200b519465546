<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fish;

use App\Http\Controllers\Controller;
use App\Models\Event;
use App\Presenters\Fish\OutingPresenter;
use App\Record\EventUndo;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What was taken back was right after all. */
final class PutBackController extends Controller
{
    public function __invoke(Request $request, Event $event, OutingPresenter $presenter): JsonResponse
    {
        EventUndo::putBack($event);

        return response()->json($presenter->told($this->angler($request), $event->outing));
    }
}
