<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Answers\AnswerBuilder;
use App\Data\AnswerData;
use App\Http\Requests\KeepReadings;
use App\Readings\ReadingBook;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** Keeps readings and answers with what follows from them. */
final class ReadingsController extends Controller
{
    public function update(KeepReadings $request, AnswerBuilder $answers): JsonResponse
    {
        $user = $this->angler($request);
        $answer = DB::transaction(function () use ($request, $user, $answers): AnswerData {
            ReadingBook::keep($user, $request->texts());

            // Built inside: readings that are impossible together are not kept.
            return $answers->today($user, [], $request->pick(), $request->family());
        });

        return response()->json($answer);
    }
}
