<?php

declare(strict_types=1);

namespace App\Http\Controllers\Places;

use App\Http\Controllers\Controller;
use App\Http\Requests\CopyWater;
use App\Models\Water;
use App\Places\WaterBook;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Waters shared with others of this server. */
final class ShareController extends Controller
{
    public function store(Request $request, Water $water): RedirectResponse
    {
        WaterBook::of($this->angler($request))->share($water);

        return back();
    }

    public function destroy(Request $request, Water $water): RedirectResponse
    {
        WaterBook::of($this->angler($request))->unshare($water);

        return back();
    }

    public function copy(CopyWater $request): RedirectResponse
    {
        $water = WaterBook::of($request->angler())->copy($request->code());

        return to_route('places.show', ['water' => $water->id]);
    }
}
