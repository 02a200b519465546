<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Mending\Mender;
use App\Rows\Part;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** What was set aside because it could not be used, mended. */
final class MendController extends Controller
{
    public function __invoke(Request $request): RedirectResponse
    {
        $request->validate(['part' => ['required', Rule::enum(Part::class)], 'key' => ['required', 'string', 'max:200']]);
        Mender::mend($this->angler($request), Part::from((string) $request->string('part')), (string) $request->string('key'));

        return back();
    }
}
