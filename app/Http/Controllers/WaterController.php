<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Data\PlaceData;
use App\Data\SpotData;
use App\Models\Spot;
use App\Models\User;
use App\Models\Water;
use App\Presenters\Lure\AnswerPresenter;
use App\Presenters\Water\CalibrationPresenter;
use App\Readings\ReadingBook;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Conditions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

/** The Water station: where one is, every reading, and what follows for the drop. */
final class WaterController extends Controller
{
    /** Parts of the station, by their name in the address. */
    public const VIEWS = ['readings', 'drop', 'chart', 'angle', 'cast', 'calibrate', 'instruments'];

    public function show(Request $request, AnswerPresenter $answers, CalibrationPresenter $calibrations): Response
    {
        $user = $this->angler($request);
        $tried = ReadingBook::among($request->query());
        $pick = $request->query('pick');
        $trouble = null;
        try {
            $answer = $answers->today($user, $tried, is_string($pick) ? $pick : null);
        } catch (InvalidInput $bad) {
            $answer = $answers->today($user);
            $trouble = "A reading in this link cannot be used, so yours are shown. {$bad->getMessage()}";
        }
        $book = ReadingBook::of($user);

        return Inertia::render('Water', [
            'answer' => $answer,
            'trouble' => $trouble,
            'view' => in_array($request->query('view'), self::VIEWS, true) ? $request->query('view') : 'readings',
            'places' => self::places($user, $book),
            'spotId' => $book->spotId,
            'lines' => $user->lines()->get()->map(static fn ($line): array => ['id' => $line->id, 'name' => $line->name, 'diameter' => $line->diameter_text, 'inUse' => $line->in_use])->values(),
            'measurements' => $calibrations->all($user, $book),
        ]);
    }

    /** Goes to a spot the angler knows: its depth and bottom become today's. */
    public function goTo(Request $request, Spot $spot): RedirectResponse
    {
        $this->authorize('own', $spot);
        DB::transaction(fn () => ReadingBook::goTo($this->angler($request), $spot));

        return back();
    }

    /** Keeps where one is now as a spot, under the names given. */
    public function keepSpot(Request $request): RedirectResponse
    {
        $given = $request->validate(
            ['water' => ['required', 'string', 'max:60'], 'spot' => ['required', 'string', 'max:60']],
            ['water.required' => 'Give the water a name.', 'spot.required' => 'Give the spot a name.'],
        );
        $user = $this->angler($request);
        DB::transaction(function () use ($user, $given): void {
            $book = ReadingBook::of($user);
            $situation = $book->situation(0.0002);
            $water = $user->waters()->firstOrCreate(['name' => trim($given['water'])], [
                'kind' => ['river' => 'river', 'tide' => 'harbour'][$book->text('flow')] ?? 'lake',
                'profile' => $situation->water->profile->value, 'salinity' => $situation->water->salinity,
            ]);
            $spot = Spot::query()->updateOrCreate(['user_id' => $user->id, 'water_id' => $water->id, 'name' => trim($given['spot'])], [
                'depth_m' => $situation->water->depthM ?? Conditions::ASSUMED_DEPTH_M, 'bottom' => $situation->water->bottom->value ?? 'rock_to_sand', 'wall' => $situation->water->wall ?? false,
            ]);
            ReadingBook::goTo($user, $spot);
        });

        return back()->with('said', "{$given['spot']} is kept.");
    }

    /** A pinned reading is never overwritten by instruments. */
    public function pin(Request $request, AnswerPresenter $answers): JsonResponse
    {
        $given = $request->validate(['name' => ['required', Rule::enum(Reading::class)], 'pinned' => ['required', 'boolean']]);
        $user = $this->angler($request);
        if ($user->readings()->where('name', $given['name'])->update(['pinned' => $given['pinned']]) === 0) {
            throw InvalidInput::because($given['name'], 'There is no reading to pin yet.');
        }

        return response()->json($answers->today($user));
    }

    /** Puts another main line on the reel. */
    public function line(Request $request): RedirectResponse
    {
        $user = $this->angler($request);
        $request->validate(['line' => ['required', 'integer']]);
        $line = $user->lines()->findOrFail($request->integer('line'));
        DB::transaction(function () use ($user, $line): void {
            $user->lines()->update(['in_use' => false]);
            $line->update(['in_use' => true]);
        });

        return back();
    }

    /** @return list<PlaceData> */
    private static function places(User $user, ReadingBook $book): array
    {
        $say = $book->situation(0.0002)->say;

        return array_values($user->waters()->with('spots')->orderBy('id')->get()->map(static fn (Water $water): PlaceData => new PlaceData(
            $water->name,
            array_values($water->spots->map(static fn (Spot $spot): SpotData => new SpotData($spot->id, $spot->name, $say->depth($spot->depth_m)))->all()),
        ))->all());
    }
}
