<?php

declare(strict_types=1);

namespace App\Http\Controllers\LookBack;

use App\Http\Controllers\Controller;
use App\Presenters\LookBack\LookBackPresenter;
use App\Rows\SeasonFilter;
use Eskith\Core\Record\Factor;
use Illuminate\Http\Request;
use Inertia\Response;

/** The Look back station; what is looked at stands in its address. */
final class LookBackController extends Controller
{
    public function __invoke(Request $request): Response
    {
        $factor = static fn (string $name, Factor $usual): Factor => Factor::tryFrom($request->string($name)->toString()) ?? $usual;

        return LookBackPresenter::of($this->angler($request), SeasonFilter::of($request->query()))->page(
            $factor('by', Factor::Hole), $factor('lost', Factor::Hang),
        )->render();
    }
}
