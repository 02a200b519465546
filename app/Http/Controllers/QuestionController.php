<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Kits\Kits;
use App\Presenters\LookBack\RepeatPresenter;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Choosing\RankedBox;
use Eskith\Telling\Lure\SecondLookPresenter;
use Eskith\Telling\Question;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;

/** Answers questions from the kit of who asks, without keeping anything. */
final class QuestionController extends Controller
{
    /** @throws InvalidInput when something that was given cannot be used */
    public function __invoke(Request $request, Question $question): JsonResponse
    {
        $user = $this->angler($request);
        // What is sent is long; the rest is in the address.
        $given = [...$request->query(), ...($question->isLong() ? $request->post() : [])];
        [$kit, $now] = [Kits::of($user), Carbon::now()];

        if ($question !== Question::SecondLook) {
            return self::answered($question->of($kit, $given, $now));
        }
        // What worked here before is read from the record, which no kit holds.
        $box = RankedBox::of($kit, $kit->book($now, $given));

        return self::answered(SecondLookPresenter::of($box, RepeatPresenter::here($user, $box)));
    }
}
