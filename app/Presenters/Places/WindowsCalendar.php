<?php

declare(strict_types=1);

namespace App\Presenters\Places;

use App\Data\Places\SpanData;
use App\Models\Spot;
use App\Models\User;
use App\Models\Water;
use App\Readings\TodaysReadings;
use Eskith\Core\Words\Words;
use Illuminate\Support\Carbon;
use Sabre\VObject\Component\VCalendar;

/** The hours that are worth most at a water, day by day, as an iCalendar file (RFC 5545). */
final readonly class WindowsCalendar
{
    private const DAYS = 14;

    public function __construct(private TodayPresenter $todays)
    {
    }

    public function of(User $user, Water $water): string
    {
        $book = TodaysReadings::of($user);
        $spot = $water->spots()->with('water')->find($book->spotId);
        $calendar = new VCalendar(['PRODID' => '-//Eskith//Windows//EN', 'X-WR-CALNAME' => Words::of(
            'Eskith, {water}', water: $water->name,
        )]);
        for ($day = 0; $day < self::DAYS; $day++) {
            $today = $this->todays->of($book, $water, $spot instanceof Spot ? $spot : null, Carbon::now()->addDays($day));
            foreach ($today->worth ?? [] as $span) {
                $calendar->add('VEVENT', self::event($water, $span));
            }
        }

        return $calendar->serialize();
    }

    /** @return array<string, mixed> */
    private static function event(Water $water, SpanData $span): array
    {
        $words = ['dim' => 'Dim light'][$span->what] ?? ucfirst($span->what);

        return [
            'UID' => md5("{$water->id} {$span->from} {$span->what}").'@eskith', 'DTSTAMP' => Carbon::now()->utc()->toDateTimeImmutable(),
            'DTSTART' => Carbon::parse($span->from)->utc()->toDateTimeImmutable(),
            'DTEND' => Carbon::parse($span->to)->utc()->toDateTimeImmutable(),
            'SUMMARY' => "{$words}, {$water->name}", 'LOCATION' => $water->name, 'TRANSP' => 'TRANSPARENT',
        ];
    }
}
