<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Choosing\RankedBox;
use App\Http\Requests\KeepReadings;
use App\Presenters\Lure\AnswerPresenter;
use App\Readings\ReadingBook;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** Keeps readings and answers with what follows from them. */
final class ReadingsController extends Controller
{
    public function update(KeepReadings $request, AnswerPresenter $answers): JsonResponse
    {
        $user = $this->angler($request);
        $book = DB::transaction(static function () use ($request, $user): ReadingBook {
            ReadingBook::keep($user, $request->texts());
            // Asked inside: readings that are impossible together are not kept.
            $book = ReadingBook::of($user);
            $book->demandPossible();

            return $book;
        });

        return response()->json($answers->of(RankedBox::reading($user, $book), $request->pick(), $request->family()));
    }
}
