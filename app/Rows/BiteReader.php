<?php

declare(strict_types=1);

namespace App\Rows;

use App\Models\Setup;
use App\Models\User;
use Eskith\Telling\Enums\EventKind;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Every bite of some outings, read once: where in the water, when, and with what. */
final readonly class BiteReader
{
    /** m between two depths of the picture. */
    private const STEP_M = 0.5;

    /**
     * @param  array<string, list<array{float, string, bool, int}>>  $places  by outing: depth in m, phase, landed, and how many
     * @param  list<array{list<float>, float}>  $times  of each outing with bites, in order, and its end; minutes from its start
     * @param  array<int, array{int, string}>  $landed  by setup: how many, and when last
     */
    private function __construct(public array $places, public array $times, private array $landed)
    {
    }

    /**
     * @param  int|null  $spot  id: only what came there; null for all
     */
    public static function of(User $user, FishedOutings $outings, ?int $spot = null): self
    {
        [$counted, $times, $landed] = [[], [], []];
        $rows = DB::table('events')->where('user_id', $user->id)->whereNull('undone_at')->whereIn('kind', EventKind::bites())
            ->when($spot !== null, static fn (Builder $rows) => $rows->whereIn('setup_id', DB::table('setups')->select('id')
                ->where('user_id', $user->id)->where('spot_id', $spot)))
            ->get(['outing_id', 'setup_id', 'at', 'depth_m', 'came', 'landed']);
        foreach ($rows as $row) {
            $at = Coerce::text($row->at);
            $seconds = (int) strtotime(substr($at, 0, 19).' UTC');
            $outing = $outings->at(Coerce::whole($row->outing_id), $seconds);
            if ($outing === null) {
                continue;
            }
            $id = $outing->key;
            $times[$id][] = ($seconds - $outing->start) / 60;
            if ($row->depth_m !== null) {
                $key = (int) round(Coerce::number($row->depth_m) / self::STEP_M).' '.Coerce::text($row->came).' '.(int) (bool) $row->landed;
                $counted[$id][$key] = ($counted[$id][$key] ?? 0) + 1;
            }
            if ((bool) $row->landed) {
                $setup = Coerce::whole($row->setup_id);
                [$count, $last] = $landed[$setup] ?? [0, ''];
                $landed[$setup] = [$count + 1, max($last, $at)];
            }
        }
        $ordered = [];
        foreach ($times as $id => $touches) {
            sort($touches);
            $ordered[] = [$touches, ($outings->all[$id]->end - $outings->all[$id]->start) / 60];
        }

        return new self(array_map(self::places(...), $counted), $ordered, $landed);
    }

    /**
     * @param  array<string, int>  $counted  by depth, phase and whether it was landed
     * @return list<array{float, string, bool, int}>
     */
    private static function places(array $counted): array
    {
        $places = [];
        foreach ($counted as $key => $count) {
            [$step, $came, $landed] = explode(' ', $key);
            $places[] = [self::STEP_M * (float) $step, $came, $landed === '1', $count];
        }

        return $places;
    }

    /** What most fish were landed with, the latest of such; null where none was. */
    public function best(): ?Setup
    {
        $landed = $this->landed;
        arsort($landed);
        $id = array_key_first($landed);

        return $id === null ? null : Setup::query()->with(['lure', 'outing'])->whereKey($id)->first();
    }
}
