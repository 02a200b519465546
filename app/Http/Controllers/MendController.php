<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MendPart;
use App\Mending\Mender;
use Illuminate\Http\RedirectResponse;

/** What was set aside because it could not be used, mended. */
final class MendController extends Controller
{
    public function __invoke(MendPart $request): RedirectResponse
    {
        Mender::mend($request->angler(), $request->part(), $request->key());

        return back();
    }
}
