<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What the phone shows before a tap has arrived is what the server says after: both are held to the same taps. */
final class TapsTest extends TestCase
{
    use RefreshDatabase;

    /** @return iterable<string, array{list<array<string, mixed>>, array<string, mixed>}> */
    public static function taps(): iterable
    {
        foreach (json_decode((string) file_get_contents(__DIR__.'/../Interface/data/taps.json'), true) as $case) {
            yield $case['name'] => [$case['taps'], $case['after']];
        }
    }

    /**
     * @param  list<array<string, mixed>>  $taps
     * @param  array<string, mixed>  $after
     */
    #[DataProvider('taps')]
    public function test_the_server_counts_as_the_phone_does(array $taps, array $after): void
    {
        $angler = $this->anglerOnTheLake();
        $this->actingAs($angler)->post('/tie-on', [
            'uuid' => (string) Str::uuid(), 'lure' => $angler->lures()->firstOrFail()->id, 'hole' => 'middle', 'cadence' => 'low_hop',
        ]);
        $outing = $angler->outings()->sole()->uuid;
        $now = [];
        foreach ($taps as $tap) {
            $this->travel(2)->seconds();
            $now = $this->postJson("/outings/{$outing}/events", ['uuid' => (string) Str::uuid(), ...$tap])->assertOk()->json('outing');
        }
        self::assertSame($after, array_intersect_key(array_replace(array_fill_keys(array_keys($after), null), $now), $after));
    }

    public function test_many_at_once_are_each_taken_or_refused_by_itself_and_a_repeat_doubles_nothing(): void
    {
        $angler = $this->anglerOnTheLake();
        $this->actingAs($angler)->post('/tie-on', [
            'uuid' => (string) Str::uuid(), 'lure' => $angler->lures()->firstOrFail()->id, 'hole' => 'middle', 'cadence' => 'low_hop',
        ]);
        $outing = $angler->outings()->sole()->uuid;
        $this->travel(10)->minutes();
        $tap = static fn (int $ago, array $more): array => [
            'uuid' => (string) Str::uuid(), 'at' => now()->subSeconds($ago)->format('Y-m-d\TH:i:s.vP'), ...$more,
        ];
        $taps = [
            $tap(300, ['kind' => 'drop']), $tap(200, ['kind' => 'nap']),
            $tap(150, ['kind' => 'fish', 'species' => 'walleye', 'length' => '9 ft']),
            $tap(100, ['kind' => 'touch']), ['kind' => 'drop'],
        ];
        $sent = fn (): array => $this->postJson("/outings/{$outing}/taps", ['taps' => $taps])->assertOk()->json();
        $first = $sent();
        self::assertSame([1, 1], [$first['outing']['drops'], $first['outing']['touches']]);
        self::assertSame([$taps[1]['uuid'], $taps[2]['uuid'], ''], array_column($first['refused'], 'id'));
        self::assertStringContainsString('A fish measures between', $first['refused'][1]['why']);
        $sent();
        self::assertSame(2, $angler->events()->count());
        // Ended elsewhere meanwhile: what was tapped before the end still belongs to it, what came after does not.
        $this->post("/outings/{$outing}/end");
        $this->travel(5)->minutes();
        $late = [$tap(400, ['kind' => 'drop']), $tap(60, ['kind' => 'drop'])];
        $told = $this->postJson("/outings/{$outing}/taps", ['taps' => $late])->assertOk()->json();
        self::assertSame([$late[1]['uuid']], array_column($told['refused'], 'id'));
        $this->postJson("/outings/{$outing}/taps", ['taps' => 'many'])->assertStatus(422);
        $this->postJson("/outings/{$outing}/taps", ['taps' => array_fill(0, 201, [])])->assertStatus(422);
        $this->actingAs($this->angler())->postJson("/outings/{$outing}/taps", ['taps' => $taps])->assertNotFound();
    }
}
