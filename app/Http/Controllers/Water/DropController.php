<?php

declare(strict_types=1);

namespace App\Http\Controllers\Water;

use App\Choosing\SingleDrop;
use App\Http\Controllers\Controller;
use App\Presenters\Water\AngleFixPresenter;
use App\Presenters\Water\ChartPresenter;
use App\Presenters\Water\GhostPresenter;
use App\Readings\TodaysReadings;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;
use Eskith\Telling\Water\CastPresenter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Questions about one drop, answered without keeping anything. */
final class DropController extends Controller
{
    public function chart(Request $request, ChartPresenter $charts): JsonResponse
    {
        $user = $this->angler($request);

        return response()->json(
            $charts->of($user, TodaysReadings::of($user), $this->text($request, 'across', 'drift'), $this->text($request, 'of', 'box')),
        );
    }

    public function cast(Request $request): JsonResponse
    {
        $drop = $this->drop($request);
        $length = $this->measure($request, 'length', $drop->book->settings->units->depth);

        return response()->json(CastPresenter::of($drop->candidate(), $drop->situation, $length->si, $request->query('bail') === 'open'));
    }

    public function angleFix(Request $request): JsonResponse
    {
        return response()->json(
            AngleFixPresenter::of($this->angler($request), $this->drop($request), $this->measure($request, 'angle', Unit::Degree)->si),
        );
    }

    /** A second drop beside the first: another weight, line or hole. */
    public function ghost(Request $request): JsonResponse
    {
        $drop = $this->drop($request);
        $other = $drop->other(
            massKg: $request->filled('weight') ? $this->measure($request, 'weight', $drop->book->settings->units->lureWeight)->si : null,
            lineM: $request->filled('line') ? $this->measure($request, 'line', Unit::Millimetre)->si : null,
            hole: $request->filled('hole') ? $this->text($request, 'hole') : null,
        );

        return response()->json(GhostPresenter::of($drop, $other));
    }

    /** @throws InvalidInput */
    private function drop(Request $request): SingleDrop
    {
        return SingleDrop::at($this->angler($request), $this->text($request, 'pick'));
    }

    /** @throws InvalidInput */
    private function measure(Request $request, string $name, Unit $unit): Measure
    {
        return Measure::parse($this->text($request, $name), $unit, $name);
    }
}
