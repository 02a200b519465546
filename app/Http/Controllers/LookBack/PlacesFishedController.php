<?php

declare(strict_types=1);

namespace App\Http\Controllers\LookBack;

use App\Http\Controllers\Controller;
use App\Presenters\LookBack\PlacesFished;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What bit where: worked out when it is looked at, since it goes through tracks. */
final class PlacesFishedController extends Controller
{
    public function __invoke(Request $request): JsonResponse
    {
        return self::answered(PlacesFished::of($this->angler($request)));
    }
}
