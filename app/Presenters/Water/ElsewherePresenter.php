<?php

declare(strict_types=1);

namespace App\Presenters\Water;

use App\Models\Casts\Moment;
use App\Models\User;
use App\Readings\Elsewhere;
use Eskith\Core\Choosing\Reading;
use Eskith\Telling\Data\Water\ElsewhereData;
use Eskith\Telling\Kept\Coerce;
use Eskith\Telling\Readings\ReadingBook;
use Illuminate\Support\Carbon;

/** What was read at another spot today and is offered here. */
final class ElsewherePresenter
{
    /** h for which it is offered. */
    private const OFFERED_H = 24;

    /** @return list<ElsewhereData> what was read elsewhere today and is not known here, the last read first */
    public static function all(User $user, ReadingBook $book): array
    {
        $offered = [];
        foreach (Elsewhere::since($user, Carbon::now()->subHours(self::OFFERED_H)) as $row) {
            $reading = Reading::tryFrom(Coerce::text($row->name));
            if ($reading === null || ($book->entries[$reading->value] ?? null)?->readAt !== null) {
                continue;
            }
            $text = Coerce::text($row->text);
            $offered[] = new ElsewhereData(
                name: $reading->value, label: $reading->definition()->label, text: $text,
                words: $reading->dimension() === null ? $reading->definition()->word($text) : $text,
                place: Coerce::whole($row->spot_id) === $book->spotId ? '' : Coerce::text($row->spot),
                at: Moment::read($row->read_at)?->toIso8601ZuluString() ?? '',
            );
        }

        return $offered;
    }
}
