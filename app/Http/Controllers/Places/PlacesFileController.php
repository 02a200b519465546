<?php

declare(strict_types=1);

namespace App\Http\Controllers\Places;

use App\Http\Controllers\Controller;
use App\Models\Water;
use App\Places\PlacesExport;
use App\Presenters\Places\WindowsCalendar;
use Eskith\Core\Formats\GeoJson;
use Eskith\Core\Formats\Gpx;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Places and hours as files for other programs. */
final class PlacesFileController extends Controller
{
    /** A water with all that is on it. */
    public function show(Water $water, string $format): Response
    {
        $places = PlacesExport::of($water);

        return self::file(
            $format === 'gpx' ? Gpx::write($places) : GeoJson::write($places),
            $format === 'gpx' ? 'application/gpx+xml' : 'application/geo+json',
            "{$water->name}.{$format}",
        );
    }

    /** The hours of the days to come that are worth most, as a calendar. */
    public function windows(Request $request, Water $water, WindowsCalendar $calendar): Response
    {
        return self::file($calendar->of($this->angler($request), $water), 'text/calendar; charset=utf-8', "{$water->name}.ics");
    }

    private static function file(string $text, string $type, string $name): Response
    {
        return response($text, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => 'attachment; filename="'.(preg_replace('/[^A-Za-z0-9 ._-]/', '_', $name) ?? 'water').'"',
        ]);
    }
}
