<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Presenters\Card\BoatCard;
use App\Presenters\Lure\AnswerPresenter;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HttpResponse;
use Inertia\Inertia;
use Inertia\Response;

/** The page for the tackle tray: on screen, as it prints, and as PDF. */
final class BoatCardController extends Controller
{
    public function show(Request $request, AnswerPresenter $answers): Response
    {
        return Inertia::render('BoatCard', ['answer' => $answers->today($this->angler($request), [], $this->pick($request)), 'pick' => $this->pick($request)]);
    }

    public function page(Request $request, BoatCard $card): HttpResponse
    {
        return response($card->html($this->angler($request), $this->pick($request)));
    }

    public function pdf(Request $request, BoatCard $card): HttpResponse
    {
        return response($card->pdf($this->angler($request), $this->pick($request)), 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="boat-card.pdf"']);
    }

    private function pick(Request $request): ?string
    {
        $pick = $request->query('pick');

        return is_string($pick) ? $pick : null;
    }
}
