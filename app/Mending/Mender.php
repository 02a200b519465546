<?php

declare(strict_types=1);

namespace App\Mending;

use App\Models\User;
use App\Readings\ReadingKeeper;
use App\Tackle\LureForm;
use Eskith\Telling\Kept\Part;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Mends what was set aside: takes it away, or gives it usual measures. The same twice changes nothing. */
final readonly class Mender
{
    public static function mend(User $user, Part $part, string $key): void
    {
        DB::transaction(static function () use ($user, $part, $key): void {
            match ($part) {
                Part::Reading => ReadingKeeper::of($user)->takeAway([$key], Carbon::now()),
                Part::Measurement => $user->measurements()->where('uuid', $key)->delete(),
                Part::Rule => $user->ruleChoices()->where('rule', $key)->whereNotNull('own')->delete(),
                Part::Line => self::line($user, (int) $key),
                Part::Lure => self::lure($user, (int) $key),
                Part::MadeUp => MadeUpReadings::takeOut($user, $key),
            };
        });
    }

    private static function line(User $user, int $id): void
    {
        $user->lines()->whereKey($id)->update(['in_use' => false]);
        $user->rods()->where('line_id', $id)->update(['line_id' => null]);
    }

    private static function lure(User $user, int $id): void
    {
        $row = $user->lures()->find($id);
        if ($row !== null && ! $row->isSound()) {
            $row->update(LureForm::mended($row));
        }
    }
}
