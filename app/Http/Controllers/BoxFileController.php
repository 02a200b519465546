<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Lure;
use App\Rows\LureReader;
use App\Tackle\BoxFile;
use App\Tackle\BoxImport;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;

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
    public function preview(Request $request): JsonResponse
    {
        return response()->json(BoxImport::of($this->angler($request), $this->file($request))->told());
    }

    public function import(Request $request): JsonResponse
    {
        $import = BoxImport::of($this->angler($request), $this->file($request));
        $import->apply();

        return response()->json($import->told());
    }

    /** @return iterable<Lure> */
    private function lures(Request $request): iterable
    {
        return $this->angler($request)->lures()->inOrder()->lazy(500)->filter(LureReader::isSound(...));
    }

    /** @throws InvalidInput */
    private function file(Request $request): string
    {
        $file = $request->file('file');
        if (! $file instanceof UploadedFile) {
            throw InvalidInput::because('file', 'Choose a CSV or JSON file first.');
        }
        if (! $file->isValid() || $file->getSize() > BoxFile::BYTES) {
            throw InvalidInput::because('file', 'That file is over 12 MB or did not come through whole; choose a smaller one.');
        }

        return (string) $file->get();
    }

    private function download(string $text, string $type, string $name): Response
    {
        return response($text, 200, ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"{$name}\""]);
    }
}
