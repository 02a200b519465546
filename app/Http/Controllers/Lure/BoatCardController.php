<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lure;

use App\Data\Pages\BoatCardPage;
use App\Http\Controllers\Controller;
use App\Presenters\Card\BoatCard;
use App\Readings\TodaysReadings;
use App\Record\DayReader;
use App\Rows\Surroundings;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HttpResponse;
use Inertia\Response;

/** The page for the tackle tray: on screen, as it prints, and as PDF. */
final class BoatCardController extends Controller
{
    public function show(Request $request): Response
    {
        $pick = $this->textOrNull($request, 'pick');

        $user = $this->angler($request);
        $here = Surroundings::of($user, TodaysReadings::of($user)->spotId)->here;

        return (new BoatCardPage(DayReader::of($user)->placeOr($here), $pick))->render();
    }

    public function page(Request $request, BoatCard $card): HttpResponse
    {
        return response($card->html($this->angler($request), $this->textOrNull($request, 'pick')));
    }

    public function pdf(Request $request, BoatCard $card): HttpResponse
    {
        $pdf = $card->pdf($this->angler($request), $this->textOrNull($request, 'pick'));

        return response($pdf, 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="boat-card.pdf"']);
    }
}
