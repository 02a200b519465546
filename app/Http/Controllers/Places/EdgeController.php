<?php

declare(strict_types=1);

namespace App\Http\Controllers\Places;

use App\Http\Controllers\Controller;
use App\Http\Requests\KeepEdge;
use App\Http\Requests\WithId;
use App\Models\Edge;
use App\Models\Water;
use App\Places\Edges;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Lines on the chart of a water: walls, weed edges, shores. */
final class EdgeController extends Controller
{
    public function store(KeepEdge $request, Water $water): RedirectResponse
    {
        Edges::of($request->angler())->keep($water, $request->uuid(), $request->columns());

        return back();
    }

    /** Casts along it, with what is usual. */
    public function plan(WithId $request, Edge $edge): RedirectResponse
    {
        Edges::of($request->angler())->plan($edge, $request->uuid());

        return redirect('/work?view=plans');
    }

    public function destroy(Request $request, Edge $edge): RedirectResponse
    {
        Edges::of($this->angler($request))->remove($edge);

        return back();
    }
}
