<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tackle;

use App\Choosing\RankedBox;
use App\Http\Controllers\Controller;
use App\Presenters\PicturePresenter;
use App\Presenters\Tackle\BoxPresenter;
use App\Presenters\Tackle\StartingBoxPresenter;
use App\Readings\ReadingBook;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** The tackle box. */
final class TackleController extends Controller
{
    public function __invoke(Request $request): Response
    {
        $user = $this->angler($request);
        $book = ReadingBook::of($user);

        return Inertia::render('Tackle', [
            'picture' => PicturePresenter::of(RankedBox::reading($user, $book)),
            'box' => BoxPresenter::of($user)->found($request->query()),
            'starting' => $user->lures()->exists() ? [] : StartingBoxPresenter::offered($user, $book),
            'weightUnit' => $user->likes()->units->lureWeight->symbol(),
        ]);
    }
}
