<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fish;

use App\Http\Controllers\Controller;
use App\Http\Requests\JoinCrew;
use App\Http\Requests\ShareTags;
use App\Models\Outing;
use App\Record\CrewKeeper;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** A day shared with others of this server. */
final class CrewController extends Controller
{
    public function store(Request $request, Outing $outing): RedirectResponse
    {
        CrewKeeper::of($this->angler($request))->share($outing);

        return to_route('fish');
    }

    public function join(JoinCrew $request): RedirectResponse
    {
        CrewKeeper::of($request->angler())->join($request->code(), $request->uuid());

        return to_route('fish');
    }

    public function update(ShareTags $request, Outing $outing): RedirectResponse
    {
        CrewKeeper::of($request->angler())->shareTags($outing, $request->boolean('tags'));

        return to_route('fish');
    }

    public function destroy(Request $request, Outing $outing): RedirectResponse
    {
        CrewKeeper::of($this->angler($request))->leave($outing);

        return to_route('fish');
    }
}
