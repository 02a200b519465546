<?php

declare(strict_types=1);

namespace App\Mending;

use App\Instruments\MadeUpWeather;
use App\Models\Move;
use App\Models\Outing;
use App\Models\Spot;
use App\Models\User;
use App\Readings\ReadingKeeper;
use App\Readings\TodaysReadings;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Units\UnitSet;
use Eskith\Telling\Kept\Coerce;
use Eskith\Telling\Kept\KeptReading;
use Eskith\Telling\Kept\UnusableRow;
use Eskith\Telling\Readings\ReadingBook;
use Illuminate\Support\Carbon;

/** Weather that nobody read and that stands among an angler's readings, of today or of an outing: found, and taken out. */
final readonly class MadeUpReadings
{
    /**
     * @param  list<KeptReading>  $readings  of today
     * @return list<UnusableRow> one for them, or none
     */
    public static function ofToday(User $user, array $readings): array
    {
        $names = self::today($user, $readings);

        return $names === [] ? [] : [UnusableRow::madeUp('', self::told(array_column($readings, 'text', 'name'), $names))];
    }

    /** @return list<UnusableRow> one for the readings of an outing, or none */
    public static function ofOuting(Outing $outing): array
    {
        foreach (self::stays($outing) as [$readings, $names]) {
            if ($names !== []) {
                return [UnusableRow::madeUp($outing->uuid, self::told($readings, $names))];
            }
        }

        return [];
    }

    /** Takes out what is found of one outing, or of today's readings; the same twice changes nothing. */
    public static function takeOut(User $user, string $outing): void
    {
        if ($outing === '') {
            ReadingKeeper::of($user)->takeAway(self::today($user, TodaysReadings::kept($user)), Carbon::now());

            return;
        }
        $row = $user->outings()->where('uuid', $outing)->with('moves.spot')->first();
        foreach ($row === null ? [] : self::stays($row) as [$readings, $names, $kept]) {
            if ($names !== []) {
                $kept->update(['readings' => array_diff_key($readings, array_flip($names))]);
            }
        }
    }

    /**
     * @param  list<KeptReading>  $readings
     * @return list<string> names of those of today
     */
    private static function today(User $user, array $readings): array
    {
        $kept = array_column($readings, null, 'name');
        $wind = ($kept[Reading::Wind->value] ?? null)?->readAt;

        // Of the demo's waters all weather is made up, and told as such.
        return $wind === null || $user->isDemo() ? [] : MadeUpWeather::among(
            array_column($readings, 'text', 'name'),
            static fn (): ?Spot => $user->spots()->with('water')->find((int) (($kept[ReadingBook::SPOT] ?? null)->text ?? 0)),
            Carbon::instance($wind),
        );
    }

    /** @return list<array{array<array-key, mixed>, list<string>, Outing|Move}> readings, those of them that were made up, and whose */
    private static function stays(Outing $outing): array
    {
        $outing->loadMissing(['spot.water', 'moves.spot.water']);
        $over = $outing->ended_at ?? Carbon::now();
        // What is kept there may be anything.
        $readings = static fn (Outing|Move $of): array => (array) $of->getAttribute('readings');
        $stays = [[$readings($outing), $outing->started_at, $outing]];
        foreach ($outing->moves as $move) {
            $stays[] = [$readings($move), $over, $move];
        }

        return array_map(static fn (array $stay): array => [
            $stay[0], MadeUpWeather::among($stay[0], static fn (): ?Spot => $stay[2]->spot, $stay[1]), $stay[2],
        ], $stays);
    }

    /**
     * "Wind 9 mph, gusts 13 mph, air 40 °F".
     *
     * @param  array<array-key, mixed>  $texts
     * @param  list<string>  $names
     */
    private static function told(array $texts, array $names): string
    {
        return implode(', ', array_map(static function (string $name) use ($texts): string {
            $definition = Reading::from($name)->definition();
            $text = Coerce::text($texts[$name] ?? '');

            return "{$definition->label} ".($definition->unit(UnitSet::metric()) === null ? $definition->word($text) : $text);
        }, $names));
    }
}
