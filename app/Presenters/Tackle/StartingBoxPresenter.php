<?php

declare(strict_types=1);

namespace App\Presenters\Tackle;

use App\Data\Tackle\StartingBoxData;
use App\Data\Tackle\StartingLureData;
use App\Models\Lure as LureRow;
use App\Models\User;
use App\Tackle\StartingBoxes;
use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Tackle\StartingBox;
use Eskith\Telling\Lure\Drawing;
use Eskith\Telling\Readings\ReadingBook;

/** The usual dozens as an empty box is offered them. */
final class StartingBoxPresenter
{
    /** @return list<StartingBoxData> the one that fits the readings first */
    public static function offered(User $user, ReadingBook $book): array
    {
        $fits = StartingBox::for(
            Species::tryFrom($book->text('species') ?? '') ?? Species::Walleye, ($book->text('flow') ?? 'still') !== 'still',
        );
        $kinds = StartingBox::cases();
        usort($kinds, static fn (StartingBox $a, StartingBox $b): int => ($b === $fits) <=> ($a === $fits));
        $names = new LureNames(new UnitFormat($user->settings()->units));
        $boxes = StartingBoxes::of($user);
        $lure = static fn (Lure $lure): StartingLureData => new StartingLureData(
            (int) $lure->id, $names->title($lure), Drawing::of((new LureRow($boxes->columns($lure)))->kept(), $lure),
        );

        return array_map(
            static fn (StartingBox $kind): StartingBoxData => new StartingBoxData(
                $kind->value, $kind->word(), array_map($lure, $kind->lures()),
            ),
            $kinds,
        );
    }
}
