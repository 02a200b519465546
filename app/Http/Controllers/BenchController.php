<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Lure;
use App\Presenters\PicturePresenter;
use App\Presenters\Tackle\BenchPresenter;
use App\Rows\LureReader;
use App\Tackle\Gauge;
use Eskith\Core\Tackle\LoopGuide;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HttpResponse;
use Inertia\Inertia;
use Inertia\Response;

/** One lure on the bench: measured, hung, hooked. */
final class BenchController extends Controller
{
    public function show(Request $request, Lure $lure, BenchPresenter $bench): Response
    {
        $this->authorize('own', $lure);
        if (! LureReader::isSound($lure)) {
            throw InvalidInput::because('lure', 'This lure is kept with figures that cannot be read; mend it from the Lure station.');
        }
        $user = $this->angler($request);

        return Inertia::render('Bench', ['picture' => PicturePresenter::today($user), 'bench' => $bench->of($user, $lure)]);
    }

    /** A page to read hang angles, holes, rings and hooks by, at true size. */
    public function gauge(Request $request): HttpResponse
    {
        return $request->is('*.svg')
            ? response(Gauge::svg(), 200, ['Content-Type' => 'image/svg+xml'])
            : response(Gauge::pdf(), 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="gauge.pdf"']);
    }

    /** The hook swap, with lengths from the old ring. */
    public function loop(Request $request): JsonResponse
    {
        $user = $this->angler($request);
        $line = $user->lines()->onTheReel()->first();
        $strength = $line === null ? '' : $user->likes()->units->strength->print(LoopGuide::TIMES_THE_LINE * $line->break_n);
        $guide = LoopGuide::forRing(1000 * Measure::parse($this->text($request, 'ring'), Unit::Millimetre, 'ring')->si, $strength);

        return response()->json(['steps' => $guide->steps, 'braidCm' => $guide->braidCm, 'roundMm' => $guide->roundMm]);
    }
}
