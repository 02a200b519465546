<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tackle;

use App\Http\Controllers\Controller;
use Eskith\Core\Tackle\LoopGuide;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The hook swap, with lengths from the old ring. */
final class LoopGuideController extends Controller
{
    public function __invoke(Request $request): JsonResponse
    {
        $user = $this->angler($request);
        $line = $user->lines()->onTheReel()->first();
        $strength = $line === null ? '' : $user->settings()->units->strength->print(LoopGuide::TIMES_THE_LINE * $line->break_n);
        $ring = Measure::parse($this->text($request, 'ring'), Unit::Millimetre, 'ring');
        $guide = LoopGuide::forRing(1000 * $ring->si, $strength, $user->settings()->units->fishLength);

        return response()->json(['steps' => $guide->steps]);
    }
}
