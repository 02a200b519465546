<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fish;

use App\Bites\BiteLog;
use App\Choosing\TyingOn;
use App\Http\Controllers\Controller;
use App\Http\Requests\AmendTap;
use App\Http\Requests\AnglerRequest;
use App\Http\Requests\EndTap;
use App\Http\Requests\GoOnFishing;
use App\Http\Requests\LogEvent;
use App\Http\Requests\LogTaps;
use App\Http\Requests\MarkTap;
use App\Http\Requests\PauseFishing;
use App\Http\Requests\PutBackTap;
use App\Http\Requests\RetieLeader;
use App\Http\Requests\TakeInHand;
use App\Http\Requests\TickTap;
use App\Http\Requests\TieOn;
use App\Http\Requests\UndoTap;
use App\Models\Outing;
use App\Places\Marks;
use App\Plans\PlanBook;
use App\Presenters\Fish\OutingPresenter;
use App\Record\Logbook;
use App\Record\Pauses;
use App\Record\TakenBack;
use App\Tackle\RodKeeper;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** What waited on a device without a connection, all at once: what cannot be taken holds up nothing. */
final class TapController extends Controller
{
    public function __invoke(LogTaps $request, Outing $outing, OutingPresenter $presenter): JsonResponse
    {
        $refused = DB::transaction(static function () use ($request, $outing): array {
            $refused = [];
            foreach ($request->taps() as [$id, $tap]) {
                $why = self::why($outing, $tap);
                $refused = $why === null ? $refused : [...$refused, ['id' => $id, 'why' => $why]];
            }

            return $refused;
        });
        [$data, $answer] = $presenter->now($request->angler()->refresh(), $outing->refresh());

        return response()->json(['outing' => $data, 'column' => $answer->column, 'refused' => $refused]);
    }

    /** Why a tap is not taken; null when it is. */
    private static function why(Outing $outing, AnglerRequest $tap): ?string
    {
        try {
            $tap->validateResolved();
            self::do($outing, $tap);

            return null;
        } catch (ValidationException|InvalidInput $bad) {
            return $bad->getMessage();
        }
    }

    /** @throws InvalidInput */
    private static function do(Outing $outing, AnglerRequest $tap): void
    {
        $angler = $tap->angler();
        match (true) {
            $tap instanceof LogEvent => BiteLog::of($angler)->log($outing, $tap->what(), $tap->setup(), $tap->rod()),
            $tap instanceof AmendTap => BiteLog::of($angler)->amend($tap->event(), $tap->columns(), $tap->counted(), $tap->said()),
            $tap instanceof UndoTap => TakenBack::undo($tap->event(), $tap->said()),
            $tap instanceof PutBackTap => TakenBack::putBack($tap->event(), $tap->said()),
            $tap instanceof TieOn => TyingOn::of($angler)->tie(
                $tap->uuid(), $tap->lure(), $tap->hole(), $tap->cadence(), $tap->rod(), $outing, $tap->at(),
            ),
            $tap instanceof TakeInHand => RodKeeper::of($angler)->takeInHand($tap->rod(), $tap->at()),
            $tap instanceof PauseFishing => Pauses::of($angler)->begin($outing, $tap->uuid(), $tap->why(), $tap->rod(), $tap->at()),
            $tap instanceof TickTap => PlanBook::of($angler)->make(
                $tap->plan(), $tap->integer('number'), $tap->boolean('made'), $tap->at(),
            ),
            $tap instanceof RetieLeader => RodKeeper::of($angler)->retie($tap->uuid(), $tap->rod(), $tap->at()),
            $tap instanceof MarkTap => Marks::of($angler)->here($outing, $tap->uuid(), $tap->kind(), $tap->at()),
            $tap instanceof EndTap => Logbook::of($angler)->endAt($outing, $tap->at()),
            $tap instanceof GoOnFishing => Pauses::of($angler)->end($outing, $tap->at()),
            default => throw InvalidInput::because('do', 'This server does not know that entry.'),
        };
    }
}
