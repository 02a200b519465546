<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Outing;
use App\Models\Spot;
use App\Models\User;
use App\Places\Tracks;
use App\Rows\Placing;
use Eskith\Core\Formats\FixText;
use Eskith\Core\Water\Frame;
use Eskith\Core\Water\Position;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** Where the boat of the demo went in its last outings: drifts over the spot before the west wind, and runs back up. */
final class DemoTrack
{
    private const OUTINGS = 4;

    /** s between fixes, of a part, of a drift and of the run back; m/s of the drift. */
    private const APART_S = 5;

    private const PART_S = 600;

    private const DRIFT_S = 900;

    private const RUN_S = 40;

    private const DRIFT_MS = 0.13;

    /** m to the side of the spot, of one drift after the other. */
    private const LANES_M = [0.0, 18.0, -14.0, 7.0, 30.0, -26.0];

    /** m that a phone strays. */
    private const STRAYS_M = 1.6;

    public static function lay(User $angler): void
    {
        $outings = $angler->outings()->with('spot.water')->latest('started_at')->limit(self::OUTINGS)->get();
        foreach ($outings as $outing) {
            $frame = $outing->spot === null ? null : Placing::frame($outing->spot->water);
            if ($outing->spot !== null && $frame !== null) {
                self::ofOuting($angler, $outing, $outing->spot, $frame);
            }
        }
    }

    private static function ofOuting(User $angler, Outing $outing, Spot $spot, Frame $frame): void
    {
        $over = Placing::spot($spot);
        $seconds = (int) $outing->started_at->diffInSeconds($outing->ended_at ?? Carbon::now());
        for ($from = 0; $over !== null && $from + self::PART_S <= $seconds; $from += self::PART_S) {
            $fixes = [];
            for ($second = 0; $second < self::PART_S; $second += self::APART_S) {
                $fixes[] = [(float) $second, ...$frame->degrees(self::at($over, $from + $second))];
            }
            Tracks::of($angler)->keep(
                $outing, (string) Str::uuid(), $outing->started_at->copy()->addSeconds($from), FixText::write($fixes),
            );
        }
    }

    private static function at(Position $over, int $second): Position
    {
        $turn = intdiv($second, self::DRIFT_S + self::RUN_S);
        $into = $second % (self::DRIFT_S + self::RUN_S);
        $lanes = count(self::LANES_M);
        [$lane, $next] = [self::LANES_M[$turn % $lanes], self::LANES_M[($turn + 1) % $lanes]];
        $half = self::DRIFT_MS * self::DRIFT_S / 2;
        $share = max(0.0, ($into - self::DRIFT_S) / self::RUN_S);
        $along = $into < self::DRIFT_S ? self::DRIFT_MS * $into - $half : $half - 2 * $half * $share;
        // A drift is no ruled line, and neither is what a phone says of it.
        $strays = static fn (float $slow): float => self::STRAYS_M * (sin($second / $slow) + 0.6 * sin($second / 17.3));

        return $over->plus($along + $strays(61.0), $lane + $share * ($next - $lane) + 3.0 * sin($second / 190.0) + $strays(47.0));
    }
}
