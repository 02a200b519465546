<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Spot;
use App\Pictures\PictureFile;
use App\Pictures\Pictures;
use App\Presenters\Pictures\PicturePresenter;
use Eskith\Telling\Enums\PictureOf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A picture as it is kept, and taken away. */
final class PictureController extends Controller
{
    /** Always told as what it is, whatever a sender called it. */
    private const TYPE = 'image/jpeg';

    public function show(Request $request, string $picture): Response
    {
        $seen = Pictures::of($this->angler($request))->seen($picture);
        $bytes = $seen === null ? '' : PictureFile::read($seen->id);
        abort_if($bytes === '', 404);

        return response($bytes, headers: [
            'Content-Type' => self::TYPE, 'Content-Disposition' => "inline; filename=\"{$picture}.jpg\"",
        ]);
    }

    /** On the chart a spot is looked at by itself: until then its pictures are not asked for. */
    public function ofSpot(Spot $spot): JsonResponse
    {
        return response()->json(['pictures' => PicturePresenter::ofOne(PictureOf::Place, $spot->id)]);
    }

    public function destroy(Request $request, string $picture): Response
    {
        Pictures::of($this->angler($request))->takeAway($picture);

        return response()->noContent();
    }
}
