<?php

declare(strict_types=1);

namespace App\Http\Controllers\Water;

use App\Choosing\RankedBox;
use App\Http\Controllers\Controller;
use App\Http\Requests\KeepReadings;
use App\Http\Requests\PinReading;
use App\Presenters\Lure\AnswerPresenter;
use App\Readings\ReadingKeeper;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Http\JsonResponse;

/** Readings kept, and what follows from them. */
final class ReadingController extends Controller
{
    public function update(KeepReadings $request, AnswerPresenter $answers): JsonResponse
    {
        $book = ReadingKeeper::of($request->angler())->keepPossible($request->texts());

        return response()->json($answers->of(RankedBox::reading($request->angler(), $book), $request->pick(), $request->family()));
    }

    /** A pinned reading is never overwritten by instruments. */
    public function pin(PinReading $request, AnswerPresenter $answers): JsonResponse
    {
        $user = $request->angler();
        $name = $request->reading()->value;
        if ($user->readings()->where('name', $name)->update(['pinned' => $request->boolean('pinned')]) === 0) {
            throw InvalidInput::because($name, 'There is no reading to pin yet.');
        }

        return response()->json($answers->today($user));
    }
}
