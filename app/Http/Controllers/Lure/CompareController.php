<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lure;

use App\Http\Controllers\Controller;
use App\Kits\Kits;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Question;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;

/** Two picks side by side. */
final class CompareController extends Controller
{
    public function show(Request $request): JsonResponse
    {
        return $this->asked(Question::Compare, $request);
    }

    /** What would put a lure on top. */
    public function onTop(Request $request): JsonResponse
    {
        return $this->asked(Question::OnTop, $request);
    }

    /** @throws InvalidInput when a tried reading cannot be used, or no such lure is in the box */
    private function asked(Question $question, Request $request): JsonResponse
    {
        return response()->json($question->of(Kits::of($this->angler($request)), $request->query(), Carbon::now()));
    }
}
