<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Answers\AnswerBuilder;
use App\Answers\LureReader;
use App\Data\LureData;
use App\Http\Requests\AddLure;
use App\Models\Lure;
use App\Readings\ReadingBook;
use Eskith\Core\Choosing\Spoken;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Inertia\Inertia;
use Inertia\Response;

/** The lures of the box: seen, added, put away. */
final class TackleController extends Controller
{
    public function index(Request $request, AnswerBuilder $answers): Response
    {
        $user = $this->angler($request);
        $spoken = new Spoken(ReadingBook::of($user)->situation(0.0002));

        return Inertia::render('Tackle', [
            'answer' => $answers->today($this->angler($request)),
            'lures' => $user->lures()->whereNull('retired_at')->orderBy('position')->orderBy('id')->get()->map(static fn (Lure $row): LureData => new LureData(
                $row->id,
                $spoken->title(LureReader::lure($row)),
                implode(' · ', array_filter([
                    count($row->holes) === 0 ? 'no holes' : count($row->holes).(count($row->holes) === 1 ? ' hole' : ' holes'),
                    $row->balance_x === null ? 'balance point not measured' : 'balance point measured',
                    $row->red_near_hooks ? 'red near the hooks' : '',
                ])),
                LureReader::drawing($row),
            ))->values(),
            'weightUnit' => $user->likes()->units->lureWeight->symbol(),
        ]);
    }

    public function store(AddLure $request): RedirectResponse
    {
        $lure = $request->lure($this->angler($request));

        return redirect('/tackle')->with('said', "{$lure->mass_text} ".str_replace('_', ' ', $lure->family).' is in the box.');
    }

    /** Puts a lure away; the record keeps it. */
    public function destroy(Lure $lure): RedirectResponse
    {
        $this->authorize('own', $lure);
        $lure->update(['retired_at' => Carbon::now()]);

        return redirect('/tackle')->with('said', 'Put away. What it caught stays in the record.');
    }

    public function restore(Lure $lure): RedirectResponse
    {
        $this->authorize('own', $lure);
        $lure->update(['retired_at' => null]);

        return redirect('/tackle')->with('said', 'Back in the box.');
    }
}
