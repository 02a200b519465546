<?php

declare(strict_types=1);

namespace App\Kits;

use App\Mending\MadeUpReadings;
use App\Models\User;
use App\Readings\ReadingKeeper;
use App\Readings\TodaysReadings;
use App\Record\DayReader;
use App\Record\DepthsHere;
use App\Rows\CalibrationReader;
use App\Rows\Surroundings;
use App\Rules\AnglerRules;
use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\TempBand;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Choosing\KeptLearning;
use Eskith\Telling\Choosing\KeptRecord;
use Eskith\Telling\Choosing\RankedBox;
use Eskith\Telling\Choosing\SingleDrop;
use Eskith\Telling\Day\AnglersDay;
use Eskith\Telling\Kept\KeptAtHand;
use Eskith\Telling\Kept\KeptLure;
use Eskith\Telling\Kept\KeptReading;
use Eskith\Telling\Kit;
use Eskith\Telling\Readings\ReadingBook;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Makes the kit of an angler from the rows in which it is kept, and asks it. */
final class Kits
{
    /** @param  AnglersDay|null  $day  with another outing in view than the one under way */
    public static function of(User $user, ?AnglersDay $day = null): Kit
    {
        $readings = TodaysReadings::kept($user);
        $spot = self::spot($readings);
        $around = Surroundings::of($user, $spot);
        $day ??= DayReader::of($user);

        return new Kit(
            set: $user->settings ?? [],
            readings: $readings,
            measured: CalibrationReader::kept($user),
            lures: self::lures($user),
            pinned: $user->pinned_lure_id,
            rules: AnglerRules::kept($user),
            line: $around->line,
            here: $around->here,
            feed: $around->feed,
            day: $day,
            depths: DepthsHere::of($user, $day),
            madeUp: MadeUpReadings::ofToday($user, $readings),
            record: new Learned($user),
            hand: new ReadAtHand($user),
        );
    }

    /** With all that the record says worked out, to be taken along. */
    public static function whole(User $user): Kit
    {
        $kit = self::of($user);
        $says = [];
        foreach (Species::cases() as $species) {
            foreach (TempBand::cases() as $band) {
                $learning = $kit->record->of($species->value, $band);
                if ($learning !== null) {
                    $says[] = new KeptLearning($species->value, $band->value, $learning->rate, $learning->meanOuting, $learning->levels);
                }
            }
        }

        return $kit->with(record: new KeptRecord($says), hand: KeptAtHand::of($kit->hand));
    }

    /**
     * The box ranked for today's readings, overlaid by those that are only tried.
     *
     * @param  array<array-key, mixed>  $tried  name => text
     *
     * @throws InvalidInput when a tried reading cannot be used
     */
    public static function ranked(User $user, array $tried = []): RankedBox
    {
        $kit = self::of($user);

        return RankedBox::of($kit, $kit->book(Carbon::now(), $tried));
    }

    /**
     * One lure on one hole in today's water, for what asks for no more of the kit.
     *
     * @param  string  $key  "lure.hole.cadence" as picks are named
     *
     * @throws InvalidInput when the lure is not in the box or has no such hole
     */
    public static function drop(User $user, string $key): SingleDrop
    {
        $row = $user->lures()->inBox()->find(SingleDrop::lureOf($key))?->kept() ?? throw SingleDrop::gone();

        return SingleDrop::of($row, TodaysReadings::of($user), Surroundings::line($user)->diameterM, $key);
    }

    /**
     * Keeps readings, unless they are impossible together; the box ranked for them.
     *
     * @param  array<array-key, string|null>  $texts  name => what was typed, null to take the reading away
     *
     * @throws InvalidInput when they are; then none is kept
     */
    public static function keeping(User $user, array $texts): RankedBox
    {
        [$kit, $book] = DB::transaction(static function () use ($user, $texts): array {
            ReadingKeeper::of($user)->keep($texts);
            $kit = self::of($user);
            $book = $kit->book(Carbon::now());
            $book->demandPossible();

            return [$kit, $book];
        });

        return RankedBox::of($kit, $book);
    }

    /** @return list<KeptLure> */
    private static function lures(User $user): array
    {
        $lures = [];
        foreach ($user->lures()->inBox()->inOrder()->toBase()->get() as $row) {
            /** @var array<string, mixed> $columns */
            $columns = (array) $row;
            $lures[] = new KeptLure($columns);
        }

        return $lures;
    }

    /** @param  list<KeptReading>  $readings */
    private static function spot(array $readings): ?int
    {
        foreach ($readings as $reading) {
            if ($reading->name === ReadingBook::SPOT) {
                return (int) $reading->text;
            }
        }

        return null;
    }
}
