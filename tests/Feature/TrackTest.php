<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Account\LogFile;
use App\Models\Outing;
use App\Models\TrackPart;
use Eskith\Core\Formats\FixText;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** Where the boat went: kept with its outing, and what bit lies along it. */
final class TrackTest extends OnWaterTestCase
{
    private Outing $outing;

    private Carbon $began;

    protected function setUp(): void
    {
        parent::setUp();
        $this->began = Carbon::parse('2026-06-01 08:00:00');
        Carbon::setTestNow($this->began);
        $this->post('/spots', ['water' => 'Long tarn', 'spot' => 'Bar']);
        $this->post('/tie-on', [
            'uuid' => (string) Str::uuid(), 'lure' => $this->angler->lures()->firstOrFail()->id, 'hole' => 'middle', 'cadence' => 'low_hop',
        ])->assertSessionHasNoErrors();
        $this->outing = $this->angler->outings()->sole();
        Carbon::setTestNow($this->began->copy()->addHour());
    }

    public function test_a_bite_lies_where_the_boat_was_as_it_was_logged(): void
    {
        self::assertNull($this->page()['chart']);
        // North at 0.5 m/s for ten minutes; bites at 100 and 300 s, and one an hour later.
        self::assertSame([], $this->drifted(600, 0.5)->json('refused'));
        foreach (['drop' => 20, 'touch' => 100, 'fish' => 300] as $kind => $second) {
            $this->logged($kind, $second);
        }
        $this->logged('touch', 3500);
        $chart = $this->page()['chart'];

        self::assertSame("The boat went 980\u{A0}ft; 2 of 3 bites are on the chart.", $chart['words']);
        self::assertSame(['drop', 'touch', 'fish'], array_column($chart['track']['signs'], 'kind'));
        foreach ([10.0, 50.0, 150.0] as $i => $north) {
            self::assertEqualsWithDelta([0.0, $north], [$chart['track']['signs'][$i]['x'], $chart['track']['signs'][$i]['y']], 1.0);
        }
        self::assertSame($chart['track'], $this->getJson("/places/{$this->water->id}/track")->json('track'));
    }

    public function test_how_much_of_a_wall_was_fished_is_said_with_what_bit_there(): void
    {
        $this->post("/waters/{$this->water->id}/edges", [
            'uuid' => (string) Str::uuid(), 'kind' => 'wall', 'name' => 'Long wall', 'line' => '4,0;4,600',
        ])->assertSessionHasNoErrors();
        $this->drifted(600, 0.5);
        foreach ([100, 300, 400] as $second) {
            $this->logged('touch', $second);
        }

        $said = "Long wall: 1000\u{A0}ft of 2000\u{A0}ft fished, 3 bites, 0.9 on 300\u{A0}ft.";
        self::assertSame([$said], $this->page()['chart']['covered']);
        self::assertSame([$said], $this->getJson("/places/{$this->water->id}/track")->json('covered'));
    }

    public function test_a_part_that_comes_twice_is_one_and_what_cannot_be_is_refused_in_a_sentence(): void
    {
        $uuid = (string) Str::uuid();
        $this->drifted(60, 0.5, $uuid);
        $this->drifted(90, 0.5, $uuid);
        self::assertLessThanOrEqual(8, count(FixText::read(TrackPart::query()->sole()->fixes)), 'of a minute a few places are kept');
        foreach (['0,99000000,13100000', 'north', ['lat' => 1]] as $fixes) {
            self::assertStringContainsString('track that can\'t be read', $this->sent(['fixes' => $fixes])->json('refused.0.why'));
        }
        self::assertSame(1, TrackPart::query()->count());
        // An outing without end is bounded, and what is there already is taken as before.
        $part = [
            'user_id' => $this->angler->id, 'outing_id' => $this->outing->id, 'from_at' => $this->began, 'fixes' => '0,61000000,-7000000',
        ];
        TrackPart::query()->insert(array_map(static fn (): array => [...$part, 'uuid' => (string) Str::uuid()], range(1, 199)));
        self::assertStringContainsString('200 parts of a track', $this->drifted(60, 0.5)->json('refused.0.why'));
        self::assertSame([], $this->drifted(60, 0.5, $uuid)->json('refused'));
    }

    public function test_it_goes_along_where_its_outing_goes(): void
    {
        $this->drifted(120, 0.5);
        $gpx = $this->get("/outings/{$this->outing->uuid}.gpx")->assertOk()->getContent();
        self::assertStringContainsString('<trkpt lat="61', $gpx);
        self::assertStringContainsString('<time>2026-06-01T08:00:', $gpx);
        $log = implode('', iterator_to_array(LogFile::json($this->angler, $this->angler->outings()->get()->toBase()), false));
        self::assertCount(1, json_decode($log, true)['tracks']);
        // Another outing near it takes it over.
        $this->post("/outings/{$this->outing->uuid}/end");
        $this->post('/outings', ['uuid' => (string) Str::uuid()]);
        $into = $this->angler->outings()->whereKeyNot($this->outing->id)->sole();
        $this->post("/outings/{$this->outing->uuid}/join", ['into' => $into->uuid])->assertSessionHasNoErrors();
        self::assertSame($into->id, TrackPart::query()->sole()->outing_id);
        // A share of the water holds nothing of it.
        $this->post("/waters/{$this->water->id}/share");
        $share = json_encode($this->angler->waters()->with('share')->sole()->toArray());
        self::assertStringNotContainsString('fixes', (string) $share);
        $into->delete();
        self::assertSame(0, TrackPart::query()->count());
    }

    public function test_look_back_says_which_line_bit_best_for_what_of_it_was_fished_in_all_outings(): void
    {
        $told = fn (): array => (array) $this->getJson('/look-back/places')->assertOk()->json();
        self::assertSame(['No wall or edge was fished with a phone yet', []], [$told()['headline'], $told()['waters']]);
        foreach (['Long wall' => '4,0;4,600', 'Far wall' => '900,0;900,600', 'Short wall' => '-5,200;-5,290'] as $name => $line) {
            $this->post("/waters/{$this->water->id}/edges", [
                'uuid' => (string) Str::uuid(), 'kind' => 'wall', 'name' => $name, 'line' => $line,
            ])->assertSessionHasNoErrors();
        }
        $this->drifted(600, 0.5);
        foreach ([100, 300, 420, 450, 500, 560] as $second) {
            $this->logged('touch', $second);
        }
        [$water] = $told()['waters'];
        self::assertSame('From the 1 outing in which a phone said where the boat went.', $told()['under']);
        self::assertSame(['Short wall', 'Long wall'], array_column($water['lines'], 'name'), 'the best first; none that was not fished');
        self::assertSame("Long wall bit best: 1.8 bites on 300\u{A0}ft", $told()['headline'], 'of those with enough bites to trust');
        self::assertSame(
            ["1000\u{A0}ft fished in 1 outing", "6 bites, 1.8 on 300\u{A0}ft", ''], array_slice(array_values($water['lines'][1]), 1),
        );
        self::assertSame('Too few bites to trust.', $water['lines'][0]['doubt']);

        // The same again, without a bite: half of the rate.
        $this->post("/outings/{$this->outing->uuid}/end");
        $this->post('/outings', ['uuid' => (string) Str::uuid()]);
        $this->outing = $this->angler->outings()->whereKeyNot($this->outing->id)->sole();
        $this->began = $this->began->copy()->addHour();
        Carbon::setTestNow($this->began->copy()->addHour());
        self::assertSame([], $this->drifted(600, 0.5)->json('refused'));
        self::assertSame("Long wall bit best: 0.9 bites on 300\u{A0}ft", $told()['headline']);
        self::assertSame("2000\u{A0}ft fished in 2 outings", $told()['waters'][0]['lines'][1]['fished']);
        // What was taken away counts no more, and another's is not told.
        $this->delete("/outings/{$this->outing->uuid}");
        self::assertStringContainsString('1.8', $told()['headline']);
        $this->actingAs($this->withWater());
        self::assertSame([], $told()['waters']);
    }

    public function test_without_a_position_of_the_water_nothing_is_drawn_and_nothing_fails(): void
    {
        $this->drifted(120, 0.5);
        TrackPart::query()->update(['fixes' => 'nonsense']);
        self::assertNull($this->page()['chart']);
        $this->drifted(120, 0.5);
        self::assertNotNull($this->page()['chart']);
        $this->water->update(['latitude' => null]);
        self::assertNull($this->page()['chart']);
        $this->getJson("/places/{$this->water->id}/track")->assertOk()->assertExactJson(['track' => null, 'covered' => []]);
    }

    /** @return array<string, mixed> */
    private function page(): array
    {
        return $this->get("/outings/{$this->outing->uuid}")->assertOk()->inertiaProps();
    }

    /** North from the origin of the water, a fix a second. */
    private function drifted(int $seconds, float $speedMs, ?string $uuid = null): TestResponse
    {
        return $this->sent(['fixes' => FixText::write(array_map(
            static fn (int $second): array => [(float) $second, 61.0 + $speedMs * $second / 111_412, -7.0], range(0, $seconds),
        ))], $uuid);
    }

    /** @param  array<string, mixed>  $fields */
    private function sent(array $fields, ?string $uuid = null): TestResponse
    {
        return $this->tap(['uuid' => $uuid ?? (string) Str::uuid(), 'do' => 'track', 'at' => $this->began->toIso8601String(), ...$fields]);
    }

    private function logged(string $kind, int $second): void
    {
        self::assertSame([], $this->tap([
            'uuid' => (string) Str::uuid(), 'kind' => $kind, 'at' => $this->began->copy()->addSeconds($second)->toIso8601String(),
            ...($kind === 'fish' ? ['species' => 'walleye', 'landed' => true] : []),
        ])->json('refused'));
    }

    /** @param  array<string, mixed>  $tap */
    private function tap(array $tap): TestResponse
    {
        return $this->postJson("/outings/{$this->outing->uuid}/taps", ['angler' => $this->angler->id, 'taps' => [$tap]]);
    }
}
