<?php

declare(strict_types=1);

namespace App\Http\Controllers\Places;

use App\Http\Controllers\Controller;
use App\Http\Requests\FishSection;
use App\Models\Mark;
use App\Models\User;
use App\Models\Water;
use App\Places\PhoneFix;
use App\Places\SectionFishing;
use App\Presenters\Places\BoatPresenter;
use App\Presenters\Places\PlacesPresenter;
use App\Presenters\Places\SectionPresenter;
use App\Presenters\Places\TrackPresenter;
use App\Readings\TodaysReadings;
use Eskith\Telling\Readings\ReadingBook;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Response;

/** The ground of waters: chart, sections, where the boat is. */
final class PlacesController extends Controller
{
    public function __construct(private readonly PlacesPresenter $places)
    {
    }

    /** The water one is at, else the first. */
    public function index(Request $request): Response
    {
        $user = $this->angler($request);

        $book = TodaysReadings::of($user);

        return $this->places->page($user, $book, self::here($user, $book), $this->textOrNull($request, 'line'))->render();
    }

    public function show(Request $request, Water $water): Response
    {
        $user = $this->angler($request);

        return $this->places->page($user, TodaysReadings::of($user), $water, $this->textOrNull($request, 'line'))->render();
    }

    public function section(Request $request, Water $water): JsonResponse
    {
        return response()->json((new SectionPresenter($this->angler($request), $water))->of($this->text($request, 'line')));
    }

    /** Its depth goes to the readings, its ledges to a plan. */
    public function fish(FishSection $request, Water $water): RedirectResponse
    {
        $plan = SectionFishing::of($request->angler())->fish($water, $request->line(), $request->uuid());

        return $plan
            ? redirect('/work?view=plans')->with('said', 'The depth is set, and the ledges are laid out.')
            : back()->with('said', 'The depth is set for this line.');
    }

    /** Where the boat is, what is being recorded, and the way back onto a mark. */
    public function boat(Request $request, Water $water): JsonResponse
    {
        $user = $this->angler($request);
        $wanted = $this->textOrNull($request, 'mark');
        $mark = $wanted === null ? null : Mark::query()->where(
            'user_id', $user->id
        )->where('water_id', $water->id)->where('uuid', $wanted)->first();

        $told = static fn (string $name): mixed => $request->query($name);
        $phone = PhoneFix::read($told('lat'), $told('lon'), $told('accuracy'));

        return response()->json(BoatPresenter::now($user, $water, $mark, $phone));
    }

    /** Where it has gone today, and how much of each line was fished. */
    public function track(Request $request, Water $water): JsonResponse
    {
        return response()->json(TrackPresenter::of($this->angler($request))->today($water));
    }

    private static function here(User $user, ReadingBook $book): ?Water
    {
        return $user->spots()->with('water')->find($book->spotId ?? 0)->water ?? $user->waters()->orderBy('id')->first();
    }
}
