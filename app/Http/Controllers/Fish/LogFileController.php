<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fish;

use App\Account\LogFile;
use App\Http\Controllers\Controller;
use App\Http\Requests\TakeLog;
use App\Models\Outing;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Symfony\Component\HttpFoundation\Response;

/** Outings as files, out and in: one, those of a year, or all. */
final class LogFileController extends Controller
{
    public function one(Request $request, Outing $outing, string $format): Response
    {
        abort_if($outing->deleted_at !== null, 404);

        return $this->file($request, new Collection([$outing->load('spot')]), 'outing-'.$outing->started_at->format('Y-m-d'), $format);
    }

    public function all(Request $request, string $format): Response
    {
        $year = (int) ($this->textOrNull($request, 'year') ?? 0);
        $outings = $this->angler($request)->outings()->with('spot')->orderBy('started_at')->orderBy('id');
        if ($year > 1900 && $year < 2200) {
            $outings->whereBetween('started_at', [Carbon::create($year), Carbon::create($year)?->endOfYear()]);
        }

        return $this->file($request, $outings->get()->toBase(), $year === 0 ? 'outings' : "outings-{$year}", $format);
    }

    public function store(TakeLog $request): RedirectResponse
    {
        return back()->with('said', LogFile::take($request->angler(), $request->log()));
    }

    /** @param  Collection<int, Outing>  $outings */
    private function file(Request $request, Collection $outings, string $name, string $format): Response
    {
        $headers = ['Content-Disposition' => "attachment; filename=\"{$name}.{$format}\""];
        if ($format === 'json') {
            $pieces = LogFile::json($this->angler($request), $outings);

            return response()->stream(static function () use ($pieces): void {
                foreach ($pieces as $piece) {
                    echo $piece;
                }
            }, 200, [...$headers, 'Content-Type' => 'application/json']);
        }
        [$text, $type] = $format === 'csv'
            ? [LogFile::csv($outings), 'text/csv; charset=UTF-8'] : [LogFile::gpx($outings), 'application/gpx+xml'];

        return response($text, 200, [...$headers, 'Content-Type' => $type]);
    }
}
