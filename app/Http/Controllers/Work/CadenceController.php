<?php

declare(strict_types=1);

namespace App\Http\Controllers\Work;

use App\Account\Preferences;
use App\Data\Pages\CadencesPage;
use App\Http\Controllers\Controller;
use App\Http\Requests\KeepCadence;
use App\Kits\Kits;
use App\Presenters\Work\CadencePresenter;
use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Words\Words;
use Eskith\Telling\Settings\OwnCadences;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Inertia\Response;

/** How an angler works their lures: the numbers of each cadence, and how they are let down. */
final class CadenceController extends Controller
{
    public function index(Request $request): Response
    {
        $rankedBox = Kits::ranked($this->angler($request));
        $presenter = new CadencePresenter($rankedBox);

        return (new CadencesPage($presenter->all(), $presenter->falls(), $presenter->timed()))->render();
    }

    public function update(KeepCadence $request, Cadence $cadence): RedirectResponse
    {
        $user = $request->angler();
        Preferences::change($user, static fn (array $set): array => [
            ...$set, OwnCadences::KEY => OwnCadences::of($set)->with(
                $cadence, ...$request->numbers(), units: $user->settings()->units, at: Carbon::now(),
            ),
        ]);

        return back()->with('said', Words::of('{cadence} is kept with your numbers.', cadence: ucfirst($cadence->word())));
    }

    /** Back to what it is first tried with. */
    public function destroy(Request $request, Cadence $cadence): RedirectResponse
    {
        Preferences::change(
            $this->angler($request),
            static fn (array $set): array => [
                ...$set, OwnCadences::KEY => array_diff_key(OwnCadences::of($set)->kept, [$cadence->value => true]),
            ],
        );

        return back()->with('said', Words::of('{cadence} is back to the usual.', cadence: ucfirst($cadence->word())));
    }
}
