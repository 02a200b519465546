<?php

declare(strict_types=1);

namespace App\Http\Controllers\Places;

use App\Http\Controllers\Controller;
use App\Http\Requests\KeepSoundings;
use App\Models\Survey;
use App\Models\Water;
use App\Places\Surveys;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Soundings by hand, and surveys taken away. */
final class SurveyController extends Controller
{
    public function store(KeepSoundings $request, Water $water): RedirectResponse
    {
        Surveys::of($request->angler())->byHand($water, $request->uuid(), $request->soundings());

        return back();
    }

    public function destroy(Request $request, Survey $survey): RedirectResponse
    {
        Surveys::of($this->angler($request))->remove($survey);

        return back();
    }
}
