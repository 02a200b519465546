<?php

declare(strict_types=1);

namespace App\Http\Controllers\Places;

use App\Http\Controllers\Controller;
use App\Http\Requests\WithId;
use App\Models\Water;
use App\Places\Recording;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What the instruments say, recorded. */
final class RecordingController extends Controller
{
    public function store(WithId $request, Water $water): RedirectResponse
    {
        Recording::of($request->angler())->begin($water, $request->uuid());

        return back();
    }

    public function destroy(Request $request): RedirectResponse
    {
        $row = Recording::of($this->angler($request))->end();

        return back()->with('said', $row === null ? 'Nothing was heard, so nothing is kept.' : 'Recorded: it is on the chart.');
    }
}
