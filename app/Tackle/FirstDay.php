<?php

declare(strict_types=1);

namespace App\Tackle;

use App\Models\User;
use App\Readings\ReadingKeeper;
use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\FishingMode;
use Eskith\Core\Tackle\StartingBox;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\BoatHolding;
use Eskith\Telling\Enums\WaterKind;
use Illuminate\Support\Facades\DB;

/** The way of a new angler to a first pick: a few readings, and a usual dozen to choose from. */
final class FirstDay
{
    /** How the water of a kind moves, where it does. */
    private const FLOWS = [WaterKind::River->value => 'river', WaterKind::Harbour->value => 'tide'];

    /** Whether there is a first day still to have. */
    public static function isAheadOf(User $user): bool
    {
        return ! $user->lures()->exists();
    }

    /**
     * Once: with lures in the box nothing is changed.
     *
     * @throws InvalidInput when the box cannot take them
     */
    public static function begin(User $user, string $uuid, WaterKind $kind, Species $fish, bool $fromBoat): void
    {
        DB::transaction(static function () use ($user, $uuid, $kind, $fish, $fromBoat): void {
            if (! self::isAheadOf($user)) {
                return;
            }
            ReadingKeeper::of($user)->keep([
                'species' => $fish->value,
                'flow' => self::FLOWS[$kind->value] ?? 'still',
                'lies' => ($fromBoat ? BoatHolding::Drifting : BoatHolding::OnFoot)->value,
                'how' => ($fromBoat ? FishingMode::Vertical : FishingMode::Cast)->value,
            ]);
            $dozen = StartingBox::for($fish, $kind === WaterKind::River);

            StartingBoxes::of($user)->take($uuid, $dozen, array_keys($dozen->lures()));
        });
    }
}
