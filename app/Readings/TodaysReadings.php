<?php

declare(strict_types=1);

namespace App\Readings;

use App\Models\Casts\Moment;
use App\Models\User;
use App\Rows\CalibrationReader;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Kept\Coerce;
use Eskith\Telling\Kept\KeptReading;
use Eskith\Telling\Readings\ReadingBook;
use Illuminate\Support\Carbon;

/** Reads today's readings of an angler as they are kept. */
final class TodaysReadings
{
    /**
     * @param  array<array-key, mixed>  $overlay  what is only tried, name => text
     *
     * @throws InvalidInput when a text of the overlay cannot be read
     */
    public static function of(User $user, array $overlay = []): ReadingBook
    {
        return ReadingBook::of($user->settings(), CalibrationReader::of($user), self::kept($user), Carbon::now(), $overlay);
    }

    /** @return list<KeptReading> */
    public static function kept(User $user): array
    {
        return array_values($user->readings()->toBase()->get()->map(static fn (\stdClass $row): KeptReading => new KeptReading(
            name: Coerce::text($row->name),
            text: Coerce::text($row->text),
            si: is_numeric($row->si) ? (float) $row->si : null,
            source: Coerce::text($row->source),
            readAt: Moment::read($row->read_at),
            pinned: (bool) $row->pinned,
        ))->all());
    }
}
