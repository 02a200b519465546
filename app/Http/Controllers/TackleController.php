<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Choosing\RankedBox;
use App\Data\BoxData;
use App\Data\ProposalData;
use App\Http\Requests\AddLure;
use App\Http\Requests\TakeStartingBox;
use App\Models\Lure;
use App\Models\User;
use App\Presenters\PicturePresenter;
use App\Presenters\Tackle\LurePresenter;
use App\Readings\ReadingBook;
use App\Rows\LureReader;
use App\Tackle\Box;
use App\Tackle\LureChange;
use App\Tackle\LureForm;
use App\Tackle\StartingBoxes;
use Eskith\Core\Tackle\Finish;
use Eskith\Core\Tackle\QuickEntry;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Inertia\Inertia;
use Inertia\Response;

/** The lures of the box: found, added, changed, put away. */
final class TackleController extends Controller
{
    public function index(Request $request): Response
    {
        $user = $this->angler($request);
        $book = ReadingBook::of($user);

        return Inertia::render('Tackle', [
            'picture' => PicturePresenter::of(RankedBox::reading($user, $book)),
            'box' => $this->found($user, $request),
            'starting' => $user->lures()->exists() ? [] : StartingBoxes::of($user)->offered($book),
            'weightUnit' => $user->likes()->units->lureWeight->symbol(),
        ]);
    }

    public function find(Request $request): JsonResponse
    {
        return response()->json($this->found($this->angler($request), $request));
    }

    /** What a few typed words mean. */
    public function propose(Request $request): JsonResponse
    {
        $entry = QuickEntry::read($this->text($request, 'text'), $this->angler($request)->likes()->units->lureWeight);
        $vibe = $entry->family->value === 'blade' && $entry->weight->si <= 0.007001;
        $words = $entry->weight->text.' '.($vibe ? 'vibe' : $entry->family->word()).', '.Finish::word($entry->finish)
            .', '.($entry->holes === 0 ? 'no holes' : $entry->holes.($entry->holes === 1 ? ' hole' : ' holes'))
            .($entry->redNearHooks ? ', red near the hooks' : '').($entry->quantity > 1 ? ", {$entry->quantity} of them" : '');

        return response()->json(new ProposalData($entry->family->value, $entry->weight->text, $entry->finish, $entry->holes, $entry->redNearHooks, $entry->quantity, $words));
    }

    public function store(AddLure $request): RedirectResponse
    {
        $user = $this->angler($request);
        $lure = Box::of($user)->add((string) $request->string('uuid'), $request->set($user));

        return redirect('/tackle')->with('said', "{$lure->typed()} is in the box.");
    }

    /** Some of a usual dozen, for a box that was empty; the first pick comes next. */
    public function start(TakeStartingBox $request): RedirectResponse
    {
        $count = StartingBoxes::of($this->angler($request))->take((string) $request->string('uuid'), $request->kind(), $request->places());

        return redirect('/lure')->with('said', ($count === 1 ? 'A usual lure is' : "{$count} usual lures are").' in the box. Say which are yours, or strike them out, under Tackle box.');
    }

    /** Changes one or many, and gives back what was there before. */
    public function change(Request $request): JsonResponse
    {
        $request->validate([
            'each' => ['required', 'array', 'list', 'max:'.Box::MOST], 'each.*.id' => ['required', 'integer'], 'each.*.set' => ['required', 'array'],
            'each.*.version' => ['required', 'integer'], 'each.*.saw' => ['sometimes', 'array'],
        ], ['each.*.version' => 'Say which version of the lure you saw; load the page again.']);
        /** @var list<array{id: int|string, set: array<string, mixed>, version: int|string, saw?: array<string, mixed>}> $sent */
        $sent = $request->input('each');
        $each = array_map(static fn (array $one): LureChange => new LureChange((int) $one['id'], $one['set'], (int) $one['version'], $one['saw'] ?? []), $sent);
        $user = $this->angler($request);
        $before = Box::of($user)->change($each);
        $presenter = new LurePresenter($user);
        $lures = $user->lures()->whereIn('id', array_map(static fn (LureChange $one): int => $one->id, $each))->limit(Box::PAGE)->get()->filter(LureReader::isSound(...))->map($presenter->one(...))->values();

        return response()->json(['before' => $before, 'lures' => $lures]);
    }

    public function duplicate(Request $request, Lure $lure): RedirectResponse
    {
        $this->authorize('own', $lure);
        $uuid = $request->input('uuid');
        Box::of($this->angler($request))->add(is_string($uuid) && Str::isUuid($uuid) ? $uuid : (string) Str::uuid(), [...LureForm::fields($lure), 'lost' => 0, 'retired' => false]);

        return back()->with('said', 'Another of the same is in the box.');
    }

    private function found(User $user, Request $request): BoxData
    {
        $text = static fn (string $name): string => is_string($request->query($name)) ? $request->query($name) : '';
        $query = Box::of($user)->find(['q' => $text('q'), 'family' => $text('family'), 'show' => $text('show')]);
        $shown = min(2000, max(Box::PAGE, (int) $text('shown')));
        $total = $query->count();

        return new BoxData(
            array_values($query->limit($shown)->get()->filter(LureReader::isSound(...))->map((new LurePresenter($user))->one(...))->all()),
            $total, $user->lures()->inBox()->count(), $total > $shown,
        );
    }
}
