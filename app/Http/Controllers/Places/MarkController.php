<?php

declare(strict_types=1);

namespace App\Http\Controllers\Places;

use App\Http\Controllers\Controller;
use App\Http\Requests\KeepMark;
use App\Models\Mark;
use App\Models\Water;
use App\Places\Marks;
use App\Presenters\Places\PlacedThings;
use Eskith\Core\Choosing\UnitFormat;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What was where, on the chart of a water. */
final class MarkController extends Controller
{
    public function store(KeepMark $request, Water $water): RedirectResponse
    {
        Marks::of($request->angler())->keep($water, $request->uuid(), $request->kind(), $request->at(), $request->columns());

        return back();
    }

    public function update(KeepMark $request, Mark $mark): RedirectResponse
    {
        $say = new UnitFormat($request->angler()->settings()->units);
        Marks::of($request->angler())->change(
            $mark, static fn (Mark $now): array => $request->changes(PlacedThings::mark($now, $say)),
        );

        return back();
    }

    /** Its depth and its bottom become today's. */
    public function fish(Request $request, Mark $mark): RedirectResponse
    {
        Marks::of($this->angler($request))->fish($mark);

        return back()->with('said', 'The depth of the mark is read.');
    }

    public function destroy(Request $request, Mark $mark): RedirectResponse
    {
        Marks::of($this->angler($request))->remove($mark);

        return back();
    }
}
