<?php

declare(strict_types=1);

namespace App\Rows;

use App\Enums\EventKind;
use App\Models\Setup;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Every bite of some outings: where in the water, and when. */
final class BiteReader
{
    /** m between two depths of the picture. */
    private const STEP_M = 0.5;

    /**
     * @param  array<int, FishedOuting>  $outings
     * @return array<int, list<array{float, string, bool, int}>> by outing: depth in m, phase, landed, and how many
     */
    public static function places(User $user, array $outings): array
    {
        $counted = [];
        $rows = DB::table('events')->where('user_id', $user->id)->whereNull('undone_at')->whereIn('kind', EventKind::bites())
            ->whereNotNull('depth_m')->get(['outing_id', 'depth_m', 'came', 'landed']);
        foreach ($rows as $row) {
            $outing = Raw::whole($row->outing_id);
            if (isset($outings[$outing])) {
                $key = round(Raw::number($row->depth_m) / self::STEP_M).' '.Raw::text($row->came).' '.(int) (bool) $row->landed;
                $counted[$outing][$key] = ($counted[$outing][$key] ?? 0) + 1;
            }
        }
        $places = [];
        foreach ($counted as $outing => $keys) {
            foreach ($keys as $key => $count) {
                [$step, $came, $landed] = explode(' ', $key);
                $places[$outing][] = [self::STEP_M * (float) $step, $came, $landed === '1', $count];
            }
        }

        return $places;
    }

    /**
     * What most fish were landed with, the latest of such.
     *
     * @param  list<int>  $outings  ids
     */
    public static function best(User $user, array $outings): ?Setup
    {
        $best = DB::table('events')->where('user_id', $user->id)->whereNull('undone_at')->where('landed', true)
            ->whereIn('outing_id', $outings)->groupBy('setup_id')->selectRaw('setup_id, count(*) as landed, max(at) as last')
            ->orderByDesc('landed')->orderByDesc('last')->first();

        return $best === null ? null : Setup::query()->with(['lure', 'outing'])->whereKey($best->setup_id)->first();
    }

    /**
     * @param  array<int, FishedOuting>  $outings
     * @return list<array{list<float>, float}> touches in order and the end, minutes from the start
     */
    public static function times(User $user, array $outings): array
    {
        $times = [];
        $rows = DB::table('events')->where('user_id', $user->id)->whereNull('undone_at')->whereIn('kind', EventKind::bites())
            ->orderBy('at')->get(['outing_id', 'at']);
        foreach ($rows as $row) {
            $outing = $outings[Raw::whole($row->outing_id)] ?? null;
            if ($outing !== null) {
                $times[$outing->id][] = ((int) strtotime(substr(Raw::text($row->at), 0, 19).' UTC') - $outing->start) / 60;
            }
        }
        $found = [];
        foreach ($times as $id => $touches) {
            $found[] = [$touches, ($outings[$id]->end - $outings[$id]->start) / 60];
        }

        return $found;
    }
}
