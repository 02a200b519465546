<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fish;

use App\Bites\BiteLog;
use App\Http\Controllers\Controller;
use App\Http\Requests\LogEvent;
use App\Http\Requests\LogTaps;
use App\Models\Outing;
use App\Presenters\Fish\OutingPresenter;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** What waited on a device without a connection, all at once: what cannot be taken holds up nothing. */
final class TapController extends Controller
{
    public function __invoke(LogTaps $request, Outing $outing, OutingPresenter $presenter): JsonResponse
    {
        $log = BiteLog::of($request->angler());
        $refused = DB::transaction(static function () use ($request, $outing, $log): array {
            $refused = [];
            foreach ($request->taps() as [$id, $tap]) {
                $why = self::why($log, $outing, $tap);
                $refused = $why === null ? $refused : [...$refused, ['id' => $id, 'why' => $why]];
            }

            return $refused;
        });
        [$data, $answer] = $presenter->now($request->angler(), $outing);

        return response()->json(['outing' => $data, 'column' => $answer->column, 'refused' => $refused]);
    }

    /** Why a tap is not taken; null when it is. */
    private static function why(BiteLog $log, Outing $outing, LogEvent $tap): ?string
    {
        try {
            $tap->validateResolved();
            $log->log($outing, $tap->what(), $tap->setup());

            return null;
        } catch (ValidationException|InvalidInput $bad) {
            return $bad->getMessage();
        }
    }
}
