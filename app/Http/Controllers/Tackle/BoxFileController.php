<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tackle;

use App\Http\Controllers\Controller;
use App\Http\Requests\BoxUpload;
use App\Models\Lure;
use App\Presenters\Tackle\ImportPresenter;
use App\Tackle\BoxFile;
use App\Tackle\BoxImport;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The box out as a file, and in from one. */
final class BoxFileController extends Controller
{
    public function csv(Request $request): Response
    {
        return $this->download(BoxFile::csv($this->lures($request)), 'text/csv; charset=UTF-8', 'box.csv');
    }

    public function json(Request $request): Response
    {
        return $this->download(BoxFile::json($this->lures($request)), 'application/json', 'box.json');
    }

    /** What a file would add, change and refuse, line by line; nothing is kept. */
    public function preview(BoxUpload $request): JsonResponse
    {
        return response()->json(ImportPresenter::of(BoxImport::of($request->angler(), $request->bytes())));
    }

    public function store(BoxUpload $request): JsonResponse
    {
        $import = BoxImport::of($request->angler(), $request->bytes());
        $import->apply();

        return response()->json(ImportPresenter::of($import));
    }

    /** @return iterable<Lure> */
    private function lures(Request $request): iterable
    {
        return $this->angler($request)->lures()->inOrder()->lazy(500)->filter(static fn (Lure $row): bool => $row->isSound());
    }

    private function download(string $text, string $type, string $name): Response
    {
        return response($text, 200, ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"{$name}\""]);
    }
}
