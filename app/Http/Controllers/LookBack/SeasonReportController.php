<?php

declare(strict_types=1);

namespace App\Http\Controllers\LookBack;

use App\Http\Controllers\Controller;
use App\Presenters\LookBack\SeasonReport;
use App\Rows\SeasonFilter;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The season to print, a page a water. */
final class SeasonReportController extends Controller
{
    public function page(Request $request): Response
    {
        return response(SeasonReport::html($this->angler($request), SeasonFilter::of($request->query())));
    }

    public function pdf(Request $request): Response
    {
        $pdf = SeasonReport::pdf($this->angler($request), SeasonFilter::of($request->query()));

        return response($pdf, 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="season.pdf"']);
    }
}
