<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tackle;

use App\Http\Controllers\Controller;
use App\Http\Requests\AddLure;
use App\Http\Requests\ChangeLures;
use App\Http\Requests\DuplicateLure;
use App\Models\Lure;
use App\Presenters\Tackle\BoxPresenter;
use App\Tackle\Box;
use App\Tackle\LureForm;
use Eskith\Core\Tackle\QuickEntry;
use Eskith\Core\Words\Words;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The lures of the box: found, added, changed, put away. */
final class LureController extends Controller
{
    public function index(Request $request): JsonResponse
    {
        return response()->json(BoxPresenter::of($this->angler($request))->found($request->query()));
    }

    /** What a few typed words mean. */
    public function propose(Request $request): JsonResponse
    {
        $entry = QuickEntry::read($this->text($request, 'text'), $this->angler($request)->settings()->units->lureWeight);

        return response()->json(BoxPresenter::proposal($entry));
    }

    public function store(AddLure $request): RedirectResponse
    {
        $lure = Box::of($request->angler())->add($request->uuid(), $request->set());

        return to_route('tackle.index')->with('said', Words::of('{typed} is in the box.', typed: $lure->kept()->typed()));
    }

    /** Changes one or many, and gives back what was there before. */
    public function update(ChangeLures $request): JsonResponse
    {
        $changes = $request->changes();
        $before = Box::of($request->angler())->change($changes);

        return response()->json(['before' => $before, 'lures' => BoxPresenter::of($request->angler())->changed($changes)]);
    }

    public function duplicate(DuplicateLure $request, Lure $lure): RedirectResponse
    {
        Box::of($request->angler())->add($request->uuid(), [...LureForm::fields($lure), 'lost' => 0, 'retired' => false]);

        return back()->with('said', 'Another of the same is in the box.');
    }
}
