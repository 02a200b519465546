<?php

declare(strict_types=1);

namespace Tests\Server;

use PHPUnit\Framework\TestCase;
use Tests\Server\Support\Chaos;

/** 900 taps of two anglers on three phones through chaos; bin/bench --chaos makes it ten thousand. */
final class ChaosTest extends TestCase
{
    public function test_nothing_is_lost_doubled_or_another_anglers_and_all_phones_show_the_same_in_the_end(): void
    {
        $run = Chaos::run(taps: 900, seed: 7, calmS: 2.5);
        self::assertCount(900, $run->deeds);
        self::assertGreaterThan(0, $run->deaths, 'the server died meanwhile');
        self::assertSame($run->wanted(), $run->kept());
        self::assertCount(count($run->kept()), $run->events, 'none twice');
        self::assertSame($run->wantedBeside(), $run->keptBeside(), 'what was read last, every move, every outing that began');
        self::assertCount(2, $run->beside['outings'], 'one each');
        self::assertCount(2, $run->shown);
        foreach ($run->shown as $shown) {
            self::assertSame([$shown[0], $shown[0], $shown[0]], $shown, 'the same on all phones');
        }
        foreach ($run->events as $event) {
            $at = (float) (new \DateTimeImmutable("{$event['at']} UTC"))->format('U.v');
            self::assertGreaterThan($run->between[0] - 3, $at, 'a phone that is slow is put right');
            self::assertLessThan($run->between[1] + 3, $at, 'and one that is fast');
        }
    }
}
