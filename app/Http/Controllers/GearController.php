<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Data\GearData;
use App\Data\HistoryData;
use App\Data\NotesData;
use App\Enums\GearKind;
use App\Http\Requests\KeepGear;
use App\Models\Gear;
use App\Models\History;
use App\Models\Line;
use App\Models\User;
use App\Models\Water;
use App\Presenters\PicturePresenter;
use App\Presenters\Tackle\BeforeYouGoPresenter;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Inertia\Inertia;
use Inertia\Response;

/** Lines, leaders, rods, reels, connectors and hooks, and what is due before the next outing. */
final class GearController extends Controller
{
    public function index(Request $request): Response
    {
        $user = $this->angler($request);

        return Inertia::render('Gear', [
            'picture' => PicturePresenter::today($user),
            'gear' => $this->gear($user),
            'due' => BeforeYouGoPresenter::of($user)->due(),
            'history' => $user->history()->latest('at')->latest('id')->limit(12)->get()->map(static fn (History $row): HistoryData => new HistoryData($row->what, $row->at->toIso8601String()))->values(),
            'waters' => $user->waters()->orderBy('id')->get()->map(static fn (Water $water): NotesData => new NotesData($water->id, $water->name, $water->local_rules, $water->protected_fish))->values(),
            'kinds' => ['main line', ...array_column(GearKind::cases(), 'value')],
        ]);
    }

    public function store(KeepGear $request): RedirectResponse
    {
        $request->keep($this->angler($request));

        return back()->with('said', 'Kept.');
    }

    /** Puts gear away; its history stays. */
    public function destroy(Request $request, Gear $gear): RedirectResponse
    {
        $this->authorize('own', $gear);
        $gear->update(['retired_at' => $gear->retired_at === null ? Carbon::now() : null]);

        return back()->with('said', $gear->retired_at === null ? 'Taken back.' : 'Put away.');
    }

    public function done(Request $request): RedirectResponse
    {
        $request->validate(['uuid' => ['required', 'uuid'], 'item' => ['required', 'string', 'max:40']]);

        return back()->with('said', BeforeYouGoPresenter::of($this->angler($request))->done((string) $request->string('uuid'), (string) $request->string('item')));
    }

    /** What the angler notes of the rules of a water. */
    public function note(Request $request, Water $water): RedirectResponse
    {
        $this->authorize('own', $water);
        $given = $request->validate(
            ['rules' => ['nullable', 'string', 'max:400'], 'protected' => ['nullable', 'string', 'max:120']],
            ['rules.max' => 'Keep the notes to 400 letters.', 'protected.max' => 'Keep the fish to 120 letters.'],
        );
        $water->update(['local_rules' => trim($given['rules'] ?? ''), 'protected_fish' => trim($given['protected'] ?? '')]);

        return back()->with('said', "Noted for {$water->name}.");
    }

    /** @return list<GearData> */
    private function gear(User $user): array
    {
        $lines = $user->lines()->get()->map(static fn (Line $line): GearData => new GearData(
            null, 'main line', $line->name, "{$line->diameter_text} · {$line->break_text}".($line->in_use ? ' · on the reel' : ''), 1, $line->put_on?->toDateString(),
        ));
        $others = $user->gear()->inBox()->orderBy('kind')->orderBy('id')->get()->map(static fn (Gear $gear): GearData => new GearData(
            $gear->id, $gear->kind->value ?? '', $gear->name, $gear->details, $gear->quantity, $gear->put_on?->toDateString(),
        ));

        return [...$lines->all(), ...$others->all()];
    }
}
