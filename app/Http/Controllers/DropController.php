<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Choosing\SingleDrop;
use App\Data\GhostData;
use App\Presenters\Water\AngleFixPresenter;
use App\Presenters\Water\CastPresenter;
use App\Presenters\Water\ChartPresenter;
use App\Presenters\Water\DropPresenter;
use App\Readings\ReadingBook;
use App\Rows\LureReader;
use Eskith\Core\Choosing\Chooser;
use Eskith\Core\Choosing\Compare\Difference;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Questions about one drop, answered without keeping anything. */
final class DropController extends Controller
{
    public function chart(Request $request, ChartPresenter $charts): JsonResponse
    {
        $user = $this->angler($request);

        return response()->json($charts->of($user, ReadingBook::of($user), $this->text($request, 'across', 'drift'), $this->text($request, 'of', 'box')));
    }

    public function cast(Request $request): JsonResponse
    {
        $desk = SingleDrop::at($this->angler($request), $this->text($request, 'pick'));
        $length = $this->measure($request, 'length', $desk->book->likes->units->depth);

        return response()->json(CastPresenter::of($desk->candidate(), $desk->situation, $length->si, $request->query('bail') === 'open'));
    }

    public function angleFix(Request $request): JsonResponse
    {
        $user = $this->angler($request);

        return response()->json(AngleFixPresenter::of($user, SingleDrop::at($user, $this->text($request, 'pick')), $this->measure($request, 'angle', Unit::Degree)->si));
    }

    /** A second drop beside the first: another weight, line or hole. */
    public function ghost(Request $request): JsonResponse
    {
        $desk = SingleDrop::at($this->angler($request), $this->text($request, 'pick'));
        $first = $desk->candidate();
        $mass = $request->filled('weight') ? $this->measure($request, 'weight', $desk->book->likes->units->lureWeight)->si : $desk->lure->massKg;
        $line = $request->filled('line') ? $this->measure($request, 'line', Unit::Millimetre)->si : $desk->situation->lineDiameterM;
        $lure = Lure::of($desk->lure->id, $desk->lure->family, $mass, $desk->lure->finish, $desk->lure->redNearHooks, $desk->lure->holes, $desk->lure->balance, $mass === $desk->lure->massKg ? $desk->lure->measuredDrag : []);
        $hole = $request->filled('hole') ? SingleDrop::hole($lure, $this->text($request, 'hole')) : $desk->holeIndex;
        $there = $desk->situation->with(lineDiameterM: $line);
        $second = Chooser::hung($there, $lure, $hole);
        $title = (new LureNames($desk->situation->say))->kind($lure)
            .($second->hole() === null ? '' : ', '.$second->hole()->name.' hole').', '.Unit::Millimetre->print($line).' line';

        return response()->json(new GhostData(
            $title, LureReader::drawing($desk->row, $lure), $hole, DropPresenter::of($second, $there), Difference::words($first, $desk->situation, $second, $there),
        ));
    }

    /** @throws InvalidInput */
    private function measure(Request $request, string $name, Unit $unit): Measure
    {
        return Measure::parse($this->text($request, $name), $unit, $name);
    }
}
