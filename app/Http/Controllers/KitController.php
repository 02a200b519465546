<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Kits\Kits;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** All that an angler's answers rest on, to be taken along. */
final class KitController extends Controller
{
    public function __invoke(Request $request): Response
    {
        return response(Kits::whole($this->angler($request))->json(), 200, ['Content-Type' => 'application/json']);
    }
}
