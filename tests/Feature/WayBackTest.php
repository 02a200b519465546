<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Str;

/** The way back onto a mark, for a phone that says where it is. */
final class WayBackTest extends OnWaterTestCase
{
    private const METRE = 1 / 111_412;

    public function test_it_says_how_far_and_which_turn_while_the_boat_goes_and_the_bearing_while_it_lies(): void
    {
        // The mark lies 100 m north of the boat.
        $going = fn (float $north, float $east): array => $this->asked(array_map(static fn (int $second): array => [
            (float) $second, 61.0 + self::METRE * $north * ($second - 15), -7.0 + 2.06 * self::METRE * $east * ($second - 15), 5.0,
        ], range(0, 15)));
        self::assertSame(["330\u{A0}ft", 'Straight on', 0, true], self::told($going(2.0, 0.0)));
        self::assertSame(["330\u{A0}ft", 'Turn left 90°', -90, true], self::told($going(0.0, 2.0)));
        self::assertSame(["330\u{A0}ft", 'Turn right 90°', 90, true], self::told($going(0.0, -2.0)));
        self::assertSame(["330\u{A0}ft", 'Turn round'], array_slice(self::told($going(-2.0, 0.0)), 0, 2));
        self::assertSame(["330\u{A0}ft", 'North, 0°', 0, false], self::told($going(0.1, 0.0)));
        $there = $this->asked([[0.0, 61.0 + 98 * self::METRE, -7.0, 4.0]]);
        self::assertSame(['Here', "You're on it.", null, false], self::told($there));
    }

    public function test_it_says_from_where_to_drift_once_the_wind_is_read(): void
    {
        $fix = [[0.0, 61.0, -7.0, 4.0]];
        self::assertStringContainsString('Read where the wind is from', $this->asked($fix)['start']);
        $this->put('/readings', ['readings' => ['wind_from' => 'w', 'drift' => '0.3 m/s']])->assertSessionHasNoErrors();
        self::assertSame("Start the drift 16\u{A0}ft west of the mark.", $this->asked($fix)['start']);
        $this->put('/readings', ['readings' => ['drift' => '0 m/s']])->assertSessionHasNoErrors();
        self::assertSame('You lie still: drop straight above it.', $this->asked($fix)['start']);
    }

    public function test_what_is_not_sure_leads_nowhere_and_what_is_none_is_refused(): void
    {
        foreach ([[], [[0.0, 61.0, -7.0, 45.0]], [[0.0, 40.0, -7.0, 4.0]]] as $fixes) {
            self::assertSame('Not known', $this->asked($fixes)['away']);
        }
        $this->postJson('/way-back', ['lat' => 'north', 'lon' => '-7.0', 'fixes' => [[0.0, 61.0, -7.0, 4.0]]])->assertUnprocessable();
        $this->postJson('/way-back', ['lat' => '61.0', 'lon' => '-7.0', 'fixes' => [[1, 2]]])->assertUnprocessable();
    }

    public function test_a_mark_of_today_knows_where_it_lies(): void
    {
        $this->post('/outings', ['uuid' => (string) Str::uuid()]);
        $outing = $this->angler->outings()->sole();
        $this->postJson("/outings/{$outing->uuid}/taps", ['angler' => $this->angler->id, 'taps' => [[
            'uuid' => (string) Str::uuid(), 'do' => 'mark', 'kind' => 'fish', 'lat' => 61.001, 'lon' => -7.002, 'accuracy' => 6.0,
        ]]])->assertOk();
        $mark = $this->get('/fish')->inertiaProps('outing')['marks'][0];
        self::assertEqualsWithDelta([61.001, -7.002], [$mark['lat'], $mark['lon']], 1e-6);
        $this->water->update(['latitude' => null]);
        self::assertNull($this->get('/fish')->inertiaProps('outing')['marks'][0]['lat']);
    }

    /**
     * @param  list<array{float, float, float, float}>  $fixes
     * @return array<string, mixed>
     */
    private function asked(array $fixes): array
    {
        return (array) $this->postJson('/way-back', [
            'lat' => (string) (61.0 + 100 * self::METRE), 'lon' => '-7.0', 'pick' => '', 'fixes' => $fixes,
        ])->assertOk()->json();
    }

    /**
     * @param  array<string, mixed>  $way
     * @return list<mixed>
     */
    private static function told(array $way): array
    {
        return [$way['away'], $way['turn'], $way['arrowDeg'] === null ? null : (int) $way['arrowDeg'], $way['isTurn']];
    }
}
