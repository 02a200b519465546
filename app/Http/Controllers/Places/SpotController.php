<?php

declare(strict_types=1);

namespace App\Http\Controllers\Places;

use App\Http\Controllers\Controller;
use App\Http\Requests\PlaceSpot;
use App\Models\Spot;
use App\Models\Water;
use App\Presenters\Places\PlacedThings;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;

/** Spots on the chart of a water. */
final class SpotController extends Controller
{
    public function store(PlaceSpot $request, Water $water): RedirectResponse
    {
        $water->spots()->firstOrCreate(['name' => $request->name()], ['user_id' => $request->angler()->id, ...$request->columns()]);

        return back();
    }

    /** @throws InvalidInput when another is called so */
    public function update(PlaceSpot $request, Spot $spot): RedirectResponse
    {
        DB::transaction(static function () use ($request, $spot): void {
            $say = new UnitFormat($request->angler()->settings()->units);
            $changes = $request->changes(PlacedThings::spot($spot->refresh(), $say, null));
            if ($spot->water->spots()->where('name', $request->name())->whereKeyNot($spot->id)->exists()) {
                throw InvalidInput::because('name', 'Another spot of this water is called that. Choose another name.');
            }
            $spot->update($changes);
        });

        return back();
    }

    public function destroy(Spot $spot): RedirectResponse
    {
        $spot->delete();

        return back();
    }
}
