<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tackle;

use App\Data\Pages\BenchPage;
use App\Http\Controllers\Controller;
use App\Models\Lure;
use App\Presenters\Tackle\BenchPresenter;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Http\Request;
use Inertia\Response;

/** One lure on the bench: measured, hung, hooked. */
final class BenchController extends Controller
{
    public function show(Request $request, Lure $lure, BenchPresenter $bench): Response
    {
        if (! $lure->isSound()) {
            throw InvalidInput::because('lure', "This lure is kept with figures that can't be read. Mend it from the Lure station.");
        }
        $user = $this->angler($request);

        return (new BenchPage($bench->of($user, $lure)))->render();
    }
}
