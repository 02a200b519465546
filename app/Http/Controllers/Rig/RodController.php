<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rig;

use App\Choosing\RodProposal;
use App\Http\Controllers\Controller;
use App\Http\Requests\AddRod;
use App\Kits\Kits;
use App\Models\Rod;
use App\Tackle\RodKeeper;
use Eskith\Telling\Data\Rig\RodForData;
use Eskith\Telling\Readings\ReadingBook;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HttpResponse;

/** The rods on board: which is in hand, one more, one less, and which of them a pick goes on. */
final class RodController extends Controller
{
    /** On which rod a pick is tied with the fewest changes, and on which others it can be. */
    public function index(Request $request): JsonResponse
    {
        $user = $this->angler($request);
        $rankedBox = Kits::ranked($user, ReadingBook::among($request->query()));
        $pick = $rankedBox->demand($this->text($request, 'pick'));

        return response()->json(array_map(static fn (RodProposal $proposal): RodForData => new RodForData(
            $proposal->rod->uuid, $proposal->rod->called(), $proposal->words(), $proposal->isOn(),
        ), RodProposal::all($user, $rankedBox, $pick)));
    }

    public function store(AddRod $request): RedirectResponse
    {
        RodKeeper::of($request->angler())->add($request->rod());

        return back();
    }

    public function takeInHand(Request $request, Rod $rod): HttpResponse
    {
        RodKeeper::of($this->angler($request))->takeInHand($rod);

        return response()->noContent();
    }

    public function leaveAshore(Request $request, Rod $rod): HttpResponse
    {
        RodKeeper::of($this->angler($request))->leaveAshore($rod);

        return response()->noContent();
    }
}
