<?php

declare(strict_types=1);

namespace App\Presenters\Fish;

use App\Data\Fish\RodOnBoardData;
use App\Models\Outing;
use App\Models\Rod;
use App\Models\Setup;
use App\Models\User;
use App\Record\Logbook;
use App\Rows\LureReader;
use App\Rows\SetAside;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Choosing\UnitFormat;

/** The rods on board, each with what is on it. */
final readonly class BoardPresenter
{
    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /** @return list<RodOnBoardData> in the order in which they came */
    public function rods(?Outing $outing): array
    {
        $logbook = Logbook::of($this->user);
        $names = new LureNames(new UnitFormat($this->user->likes()->units));
        $tied = $outing === null ? [] : $logbook->onTheRods($outing);

        return array_values($this->user->rods()->onBoard()->get()->map(function (Rod $rod) use ($tied, $names, $logbook): RodOnBoardData {
            $setup = $tied[$rod->id] ?? null;

            return new RodOnBoardData(
                uuid: $rod->uuid,
                name: $rod->called(),
                inHand: $rod->id === $this->user->rod_id,
                still: $rod->still,
                tied: $setup === null ? '' : self::named($setup, $names),
                quietSince: $setup === null ? null : Logbook::quietSince($setup, $logbook->lastBite($setup))->toIso8601String(),
            );
        })->all());
    }

    /** What is tied on, as a title. */
    public static function named(Setup $setup, LureNames $names): string
    {
        return match (true) {
            $setup->lure === null => 'Other bait',
            LureReader::isSound($setup->lure) => $names->title(LureReader::lure($setup->lure)),
            default => SetAside::lure($setup->lure)->text,
        };
    }
}
