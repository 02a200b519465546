<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tackle;

use App\Http\Controllers\Controller;
use App\Tackle\Gauge;
use Illuminate\Http\Response;

/** A page to read hang angles, holes, rings and hooks by, at true size. */
final class GaugeController extends Controller
{
    public function svg(): Response
    {
        return response(Gauge::svg(), 200, ['Content-Type' => 'image/svg+xml']);
    }

    public function pdf(): Response
    {
        return response(Gauge::pdf(), 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="gauge.pdf"']);
    }
}
