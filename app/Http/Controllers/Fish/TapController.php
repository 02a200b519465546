<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fish;

use App\Http\Controllers\Controller;
use App\Http\Requests\LogTaps;
use App\Models\Casts\Moment;
use App\Record\TapTarget;
use Eskith\Telling\Data\Fish\RefusalData;
use Eskith\Telling\Data\Fish\TapAnswerData;
use Eskith\Telling\Enums\TapsGo;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/**
 * What waited on a device without a connection, all at once: each tap is judged by itself and holds up nothing. Taps of
 * another angler than the one signed in are not judged at all, nor are those of an outing that is taken away: they wait.
 */
final class TapController extends Controller
{
    private const STATUS = [TapsGo::Gone->value => 404, TapsGo::Away->value => 409, TapsGo::Stranger->value => 409];

    public function __invoke(LogTaps $request, string $outing, TapJudge $judge): JsonResponse
    {
        $angler = $request->angler();
        $target = TapTarget::of($angler, $outing);
        $goes = $request->integer('angler') === $angler->id ? $target->goes : TapsGo::Stranger;
        $into = $goes === TapsGo::Here || $goes === TapsGo::Joined ? $target->outing : null;
        [$taken, $refused] = [[], []];
        if ($into !== null) {
            $taps = $request->taps($into);
            [$taken, $refused] = DB::transaction(static fn (): array => $judge->all($into, $taps));
        } elseif ($goes === TapsGo::Gone) {
            $refused = array_map(static fn (array $tap): RefusalData => new RefusalData(
                $tap[0], 'Its outing is gone from your record. Choose another for it.', 'outing',
            ), $request->taps(null));
        }

        return response()->json(new TapAnswerData(
            form: TapAnswerData::FORM, angler: $angler->id, goes: $goes,
            place: $goes === TapsGo::Stranger ? '' : $target->outing->place ?? '',
            taken: $taken, refused: $refused, into: $into?->uuid, asOf: Moment::now(),
        ), self::STATUS[$goes->value] ?? 200);
    }
}
