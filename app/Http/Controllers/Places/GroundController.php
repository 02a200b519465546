<?php

declare(strict_types=1);

namespace App\Http\Controllers\Places;

use App\Http\Controllers\Controller;
use App\Http\Requests\BringSoundings;
use App\Http\Requests\KeepEdge;
use App\Http\Requests\KeepMark;
use App\Http\Requests\KeepSoundings;
use App\Http\Requests\RecordSoundings;
use App\Models\Edge;
use App\Models\Mark;
use App\Models\Survey;
use App\Models\Water;
use App\Places\EdgePlans;
use App\Places\Marks;
use App\Places\PlacesImport;
use App\Places\Surveys;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What is laid on the chart of a water: soundings, lines, marks. */
final class GroundController extends Controller
{
    /** s that a file may take. */
    private const LONGEST_S = 120;

    public function mark(KeepMark $request, Water $water): RedirectResponse
    {
        Marks::of($request->angler())->keep($water, $request->uuid(), $request->kind(), $request->at(), $request->columns());

        return back();
    }

    public function changeMark(KeepMark $request, Mark $mark): RedirectResponse
    {
        Marks::of($request->angler())->change($mark, [...$request->columns(), 'kind' => $request->kind()]);

        return back();
    }

    /** Its depth and its bottom become today's. */
    public function fishMark(Request $request, Mark $mark): RedirectResponse
    {
        Marks::of($this->angler($request))->fish($mark);

        return back()->with('said', 'The depth of the mark is read.');
    }

    public function removeMark(Request $request, Mark $mark): RedirectResponse
    {
        Marks::of($this->angler($request))->remove($mark);

        return back();
    }

    public function edge(KeepEdge $request, Water $water): RedirectResponse
    {
        Edge::query()->firstOrCreate(
            ['user_id' => $request->angler()->id, 'uuid' => $request->uuid()], ['water_id' => $water->id, ...$request->columns()],
        );

        return back();
    }

    /** Casts along it, with what is usual. */
    public function planEdge(RecordSoundings $request, Edge $edge): RedirectResponse
    {
        EdgePlans::lay($request->angler(), $edge, $request->uuid());

        return redirect('/work?view=plans');
    }

    public function removeEdge(Edge $edge): RedirectResponse
    {
        $edge->delete();

        return back();
    }

    public function soundings(KeepSoundings $request, Water $water): RedirectResponse
    {
        Surveys::of($request->angler())->byHand($water, $request->uuid(), $request->soundings());

        return back();
    }

    public function record(RecordSoundings $request, Water $water): RedirectResponse
    {
        Surveys::of($request->angler())->begin($water, $request->uuid());

        return back();
    }

    public function stop(Request $request): RedirectResponse
    {
        $row = Surveys::of($this->angler($request))->end();

        return back()->with('said', $row === null ? 'Nothing was heard, so nothing is kept.' : 'Recorded: it is on the chart.');
    }

    public function removeSurvey(Request $request, Survey $survey): RedirectResponse
    {
        Surveys::of($this->angler($request))->remove($survey);

        return back();
    }

    /** A file taken in, told as it goes: a line for each step, the last one says what was done or why not. */
    public function bring(BringSoundings $request, Water $water): StreamedResponse
    {
        $import = PlacesImport::of($request->angler(), $water, $request->text(), $request->fileName());
        // Each line has to be seen as it is written.
        ini_set('zlib.output_compression', 'Off');
        set_time_limit(self::LONGEST_S);

        return response()->stream(static function () use ($import): void {
            // Whoever calls it off closes the connection: what is read by then is thrown away.
            ignore_user_abort(true);
            $say = static function (array $line): void {
                echo json_encode($line, JSON_THROW_ON_ERROR)."\n";
                if (ob_get_level() > 0) {
                    ob_flush();
                }
                flush();
            };
            try {
                $say(['said' => $import->take(static function (float $share) use ($say): bool {
                    $say(['done' => round($share, 3)]);

                    return connection_aborted() === 0;
                })]);
            } catch (InvalidInput $bad) {
                $say(['trouble' => $bad->getMessage()]);
            }
        }, 200, ['Content-Type' => 'application/x-ndjson', 'X-Accel-Buffering' => 'no', 'Cache-Control' => 'no-store']);
    }
}
