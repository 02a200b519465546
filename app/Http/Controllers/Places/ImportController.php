<?php

declare(strict_types=1);

namespace App\Http\Controllers\Places;

use App\Account\OneFile;
use App\Http\Controllers\Controller;
use App\Http\Requests\BringSoundings;
use App\Models\Water;
use App\Places\PlacesImport;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Support\Facades\Config;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Files of places and depths, brought in. */
final class ImportController extends Controller
{
    /** A file taken in, told as it goes: a line for each step, the last one says what was done or why not. */
    public function __invoke(BringSoundings $request, Water $water): StreamedResponse
    {
        $angler = $request->angler();
        $import = PlacesImport::of($angler, $water, $request->text(), $request->fileName());
        // Each line has to be seen as it is written.
        ini_set('zlib.output_compression', 'Off');
        set_time_limit(0);
        $until = microtime(true) + Config::integer('eskith.file_seconds');

        return response()->stream(static function () use ($angler, $import, $until): void {
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
                $say(['said' => OneFile::of($angler, static fn (): string => $import->take(
                    static function (float $share) use ($say, $until): bool {
                        $say(['done' => round($share, 3)]);
                        if (microtime(true) > $until) {
                            throw InvalidInput::because('file', 'That file takes too long to read; nothing was added. Split it.');
                        }

                        return connection_aborted() === 0;
                    },
                ))]);
            } catch (InvalidInput $bad) {
                $say(['trouble' => $bad->getMessage()]);
            }
        }, 200, ['Content-Type' => 'application/x-ndjson', 'X-Accel-Buffering' => 'no', 'Cache-Control' => 'no-store']);
    }
}
