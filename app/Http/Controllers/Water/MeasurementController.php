<?php

declare(strict_types=1);

namespace App\Http\Controllers\Water;

use App\Http\Controllers\Controller;
use App\Http\Requests\Measured;
use App\Kits\Kits;
use App\Measuring\Measurements;
use App\Models\Measurement;
use App\Presenters\Water\MeasuredWords;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Choosing\SingleDrop;
use Eskith\Telling\Enums\MeasurementKind;
use Illuminate\Http\RedirectResponse;

/** What the angler measures takes the place of the estimate, until it is taken away again. */
final class MeasurementController extends Controller
{
    public function store(Measured $request): RedirectResponse
    {
        $measurements = Measurements::of($request->angler());
        if ($measurements->has($request->uuid())) {
            return back()->with('said', 'Kept already.');
        }
        $words = new MeasuredWords($request->angler());

        return back()->with('said', match ($request->kind()) {
            MeasurementKind::Drop => $this->drop($request, $measurements, $words),
            MeasurementKind::Hang => $words->hang($measurements->hang($request->uuid(), $this->measured($request), $request->angle())),
            MeasurementKind::Start => $words->start($measurements->start($request->uuid(), $this->measured($request), $request->travel())),
            MeasurementKind::Drift => $words->drift($measurements->drift($request->uuid(), $request->distance() / $request->seconds())),
        });
    }

    private function drop(Measured $request, Measurements $measurements, MeasuredWords $words): string
    {
        $measurements->drop($request->uuid(), $this->measured($request), $request->seconds());

        return $words->drop();
    }

    /** @throws InvalidInput when it is not in the box */
    private function measured(Measured $request): SingleDrop
    {
        return Kits::drop($request->angler(), $request->pick());
    }

    public function destroy(Measurement $measurement): RedirectResponse
    {
        $measurement->delete();

        return back()->with('said', 'Taken away; the estimate is used again.');
    }
}
