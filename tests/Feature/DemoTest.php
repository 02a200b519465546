<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Event;
use App\Models\Outing;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Tests\TestCase;

final class DemoTest extends TestCase
{
    use RefreshDatabase;

    public function test_the_demo_is_laid_once_and_never_looks_stale(): void
    {
        $this->artisan('demo:today')->assertSuccessful();
        $events = Event::query()->count();
        $started = Outing::query()->whereNull('ended_at')->sole()->started_at;
        self::assertGreaterThan(150, $events);
        self::assertSame(29, Outing::query()->count());
        self::assertEqualsWithDelta(78, $started->diffInMinutes(Carbon::now()), 1);

        $this->travel(9)->days();
        $this->artisan('demo:today')->assertSuccessful();

        self::assertSame(1, User::query()->count());
        self::assertSame($events, Event::query()->count());
        self::assertEqualsWithDelta(78, Outing::query()->whereNull('ended_at')->sole()->started_at->diffInMinutes(Carbon::now()), 1);
        self::assertLessThan(
            3, Event::query()->max('at') === null ? 99 : Carbon::parse(Event::query()->max('at'))->diffInMinutes(Carbon::now()),
        );
    }
}
