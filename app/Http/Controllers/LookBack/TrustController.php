<?php

declare(strict_types=1);

namespace App\Http\Controllers\LookBack;

use App\Http\Controllers\Controller;
use App\Presenters\LookBack\TrustPresenter;
use Illuminate\Http\Request;
use Inertia\Response;

/** Whether rules or record deserve trust. */
final class TrustController extends Controller
{
    public function __invoke(Request $request): Response
    {
        return TrustPresenter::page($this->angler($request))->render();
    }
}
