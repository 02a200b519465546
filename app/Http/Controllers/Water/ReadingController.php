<?php

declare(strict_types=1);

namespace App\Http\Controllers\Water;

use App\Http\Controllers\Controller;
use App\Http\Requests\KeepReadings;
use App\Http\Requests\PinReading;
use App\Kits\Kits;
use App\Presenters\Lure\TodaysAnswer;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Lure\AnswerPresenter;
use Illuminate\Http\JsonResponse;

/** Readings kept, and what follows from them. */
final class ReadingController extends Controller
{
    public function update(KeepReadings $request): JsonResponse
    {
        $rankedBox = Kits::keeping($request->angler(), $request->texts());

        return self::answered(AnswerPresenter::of($rankedBox, $request->pick(), $request->family()));
    }

    /** A pinned reading is never overwritten by instruments. */
    public function pin(PinReading $request): JsonResponse
    {
        $user = $request->angler();
        $name = $request->reading()->value;
        if ($user->readings()->where('name', $name)->update(['pinned' => $request->boolean('pinned')]) === 0) {
            throw InvalidInput::because($name, 'There is no reading to pin yet.');
        }

        return self::answered(TodaysAnswer::of($user));
    }
}
