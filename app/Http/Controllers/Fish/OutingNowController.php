<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fish;

use App\Http\Controllers\Controller;
use App\Models\Outing;
use App\Presenters\Fish\OutingPresenter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What a device asks for once its taps have arrived: the outing as the record has it. */
final class OutingNowController extends Controller
{
    public function __invoke(Request $request, Outing $outing, OutingPresenter $presenter): JsonResponse
    {
        abort_if($outing->deleted_at !== null, 404);

        return response()->json($presenter->told($this->angler($request), $outing));
    }
}
