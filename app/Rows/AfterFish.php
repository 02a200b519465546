<?php

declare(strict_types=1);

namespace App\Rows;

use App\Models\User;
use Eskith\Core\Record\BackDown;
use Eskith\Telling\Enums\EventKind;
use Eskith\Telling\Enums\Flew;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Support\Facades\DB;

/** What came after each fish at its spot; and how the lures flew that fouled. */
final class AfterFish
{
    /** @return list<array{float, bool}> of each fish of which the end is known: s to the next drop there, whether a bite followed that */
    public static function backDown(User $user, FishedOutings $outings): array
    {
        $ended = DB::table('events')->where('user_id', $user->id)->whereNull('undone_at')->whereNotNull('over_at')
            ->distinct()->pluck('outing_id')->all();
        if ($ended === []) {
            return [];
        }
        // By their outings, which are few, and not by their angler, whose entries are many.
        $rows = DB::table('events')->join('setups', 'setups.id', '=', 'events.setup_id')->whereNull('undone_at')
            ->whereIntegerInRaw('events.outing_id', $ended)->whereIn('kind', [EventKind::Drop->value, ...EventKind::bites()])
            ->orderBy('at')->orderBy('events.id')->get(['events.outing_id', 'kind', 'at', 'over_at', 'setups.spot_id']);
        $byPlace = [];
        foreach ($rows as $row) {
            $at = Coerce::seconds($row->at);
            if ($outings->at(Coerce::whole($row->outing_id), $at) !== null) {
                $byPlace[Coerce::whole($row->outing_id).' '.Coerce::whole($row->spot_id)][] = [
                    $at, Coerce::text($row->kind), $row->over_at === null ? null : Coerce::seconds($row->over_at),
                ];
            }
        }

        return array_merge([], ...array_values(array_map(self::ofPlace(...), $byPlace)));
    }

    /**
     * @param  list<array{float, string, float|null}>  $events  when, what, and when it was over; in order
     * @return list<array{float, bool}>
     */
    private static function ofPlace(array $events): array
    {
        $told = [];
        foreach ($events as $i => [, $kind, $over]) {
            if ($kind !== EventKind::Fish->value || $over === null) {
                continue;
            }
            $drop = null;
            $followed = false;
            for ($j = $i + 1; isset($events[$j]); $j++) {
                [$at, $what] = $events[$j];
                if ($drop === null && $what === EventKind::Drop->value && $at >= $over) {
                    $drop = $at;
                } elseif ($drop !== null && $what !== EventKind::Drop->value) {
                    $followed = $at - $drop <= BackDown::BITE_WITHIN_S;
                    break;
                }
            }
            if ($drop !== null) {
                $told[] = [$drop - $over, $followed];
            }
        }

        return $told;
    }

    /** @return array<string, int> by how they flew: casts that fouled of which that was said */
    public static function fouled(User $user, FishedOutings $outings): array
    {
        $counts = array_fill_keys(array_column(Flew::cases(), 'value'), 0);
        $rows = DB::table('events')->where('user_id', $user->id)->whereNull('undone_at')->whereIn('flew', array_keys($counts))
            ->get(['outing_id', 'at', 'flew']);
        foreach ($rows as $row) {
            $counts[Coerce::text($row->flew)] += $outings->at(Coerce::whole($row->outing_id), Coerce::seconds($row->at)) === null ? 0 : 1;
        }

        return $counts;
    }
}
