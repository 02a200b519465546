<?php

declare(strict_types=1);

namespace App\Http\Controllers\Places;

use App\Http\Controllers\Controller;
use App\Http\Requests\CopyWater;
use App\Http\Requests\JoinWater;
use App\Http\Requests\KeepLevel;
use App\Http\Requests\KeepWater;
use App\Http\Requests\PlaceSpot;
use App\Models\Spot;
use App\Models\Water;
use App\Places\WaterBook;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Waters and their spots: made, changed, joined, shared, taken away. */
final class WaterBookController extends Controller
{
    public function store(KeepWater $request): RedirectResponse
    {
        return self::to(WaterBook::of($request->angler())->make($request->name(), $request->columns()));
    }

    public function update(KeepWater $request, Water $water): RedirectResponse
    {
        WaterBook::of($request->angler())->change($water, $request->columns());

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

        return self::to($into)->with('said', "{$water->name} is part of {$into->name} now.");
    }

    public function destroy(Request $request, Water $water): RedirectResponse
    {
        WaterBook::of($this->angler($request))->delete($water);

        return to_route('places')->with('said', "{$water->name} is deleted; its outings stay in the record.");
    }

    public function share(Request $request, Water $water): RedirectResponse
    {
        WaterBook::of($this->angler($request))->share($water);

        return back();
    }

    public function unshare(Request $request, Water $water): RedirectResponse
    {
        WaterBook::of($this->angler($request))->unshare($water);

        return back();
    }

    public function copy(CopyWater $request): RedirectResponse
    {
        return self::to(WaterBook::of($request->angler())->copy($request->code()));
    }

    public function spot(PlaceSpot $request, Water $water): RedirectResponse
    {
        $water->spots()->firstOrCreate(['name' => $request->name()], ['user_id' => $request->angler()->id, ...$request->columns()]);

        return back();
    }

    /** @throws InvalidInput when another is called so */
    public function changeSpot(PlaceSpot $request, Spot $spot): RedirectResponse
    {
        if ($spot->water->spots()->where('name', $request->name())->whereKeyNot($spot->id)->exists()) {
            throw InvalidInput::because('name', 'Another spot of this water is called that; choose another name.');
        }
        $spot->update($request->columns());

        return back();
    }

    public function removeSpot(Spot $spot): RedirectResponse
    {
        $spot->delete();

        return back();
    }

    private static function to(Water $water): RedirectResponse
    {
        return to_route('places.show', ['water' => $water->id]);
    }
}
