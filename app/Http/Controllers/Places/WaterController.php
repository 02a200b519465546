<?php

declare(strict_types=1);

namespace App\Http\Controllers\Places;

use App\Http\Controllers\Controller;
use App\Http\Requests\JoinWater;
use App\Http\Requests\KeepLevel;
use App\Http\Requests\KeepWater;
use App\Models\Water;
use App\Places\WaterBook;
use App\Presenters\Places\WaterPresenter;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Waters: made, changed, joined, taken away. */
final class WaterController extends Controller
{
    public function store(KeepWater $request): RedirectResponse
    {
        return self::to(WaterBook::of($request->angler())->make($request->name(), $request->columns()));
    }

    public function update(KeepWater $request, Water $water): RedirectResponse
    {
        $user = $request->angler();
        $say = new UnitFormat($user->settings()->units);
        WaterBook::of($user)->change(
            $water, static fn (Water $now): array => $request->changes(WaterPresenter::of($user, $now, null, $say)),
        );

        return back();
    }

    public function level(KeepLevel $request, Water $water): RedirectResponse
    {
        WaterBook::of($request->angler())->level($water, ...$request->level() ?? [null, null]);

        return back();
    }

    public function join(JoinWater $request, Water $water): RedirectResponse
    {
        $into = $request->into();
        WaterBook::of($request->angler())->join($water, $into);

        return self::to($into)->with('said', Words::of('{water} is part of {into} now.', water: $water->name, into: $into->name));
    }

    public function destroy(Request $request, Water $water): RedirectResponse
    {
        WaterBook::of($this->angler($request))->delete($water);

        return to_route('places')->with('said', Words::of('{water} is deleted; its outings stay in the record.', water: $water->name));
    }

    private static function to(Water $water): RedirectResponse
    {
        return to_route('places.show', ['water' => $water->id]);
    }
}
