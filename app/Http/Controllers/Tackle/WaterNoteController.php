<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tackle;

use App\Http\Controllers\Controller;
use App\Http\Requests\NoteWater;
use App\Models\Water;
use Eskith\Core\Words\Words;
use Illuminate\Http\RedirectResponse;

/** What the angler notes of the rules of a water. */
final class WaterNoteController extends Controller
{
    public function update(NoteWater $request, Water $water): RedirectResponse
    {
        $water->update($request->notes());

        return back()->with('said', Words::of('Noted for {water}.', water: $water->name));
    }
}
