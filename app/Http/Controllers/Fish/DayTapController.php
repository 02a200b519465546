<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fish;

use App\Http\Controllers\Controller;
use App\Http\Requests\LogTaps;
use App\Models\Casts\Moment;
use Eskith\Telling\Data\Fish\TapAnswerData;
use Eskith\Telling\Enums\TapsGo;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** What waited on a device and is of no outing, all at once: readings, and that an outing began. Answered as taps are. */
final class DayTapController extends Controller
{
    public function __invoke(LogTaps $request, TapJudge $judge): JsonResponse
    {
        $angler = $request->angler();
        $goes = $request->integer('angler') === $angler->id ? TapsGo::Here : TapsGo::Stranger;
        [$taken, $refused] = $goes === TapsGo::Here
            ? DB::transaction(static fn (): array => $judge->ofTheDay($request->ofTheDay())) : [[], []];

        return response()->json(new TapAnswerData(
            form: TapAnswerData::FORM, angler: $angler->id, goes: $goes, place: '', taken: $taken, refused: $refused, into: null,
            asOf: Moment::now(),
        ), $goes === TapsGo::Here ? 200 : 409);
    }
}
