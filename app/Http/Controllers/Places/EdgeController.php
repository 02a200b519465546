<?php

declare(strict_types=1);

namespace App\Http\Controllers\Places;

use App\Http\Controllers\Controller;
use App\Http\Requests\KeepEdge;
use App\Http\Requests\WithId;
use App\Models\Edge;
use App\Models\Water;
use App\Places\EdgePlans;
use Illuminate\Http\RedirectResponse;

/** Lines on the chart of a water: walls, weed edges, shores. */
final class EdgeController extends Controller
{
    public function store(KeepEdge $request, Water $water): RedirectResponse
    {
        Edge::query()->firstOrCreate(
            ['user_id' => $request->angler()->id, 'uuid' => $request->uuid()], ['water_id' => $water->id, ...$request->columns()],
        );

        return back();
    }

    /** Casts along it, with what is usual. */
    public function plan(WithId $request, Edge $edge): RedirectResponse
    {
        EdgePlans::lay($request->angler(), $edge, $request->uuid());

        return redirect('/work?view=plans');
    }

    public function destroy(Edge $edge): RedirectResponse
    {
        $edge->delete();

        return back();
    }
}
