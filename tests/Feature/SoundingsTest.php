<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Water;
use Eskith\Core\Formats\Gpx;
use Eskith\Core\Formats\PlacesFile;
use Eskith\Core\Formats\Track;
use Illuminate\Cache\Events\KeyWritten;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;

/** Soundings as they come in: tracks and tables, files out and in again, instruments recorded. */
final class SoundingsTest extends OnWaterTestCase
{
    private function bring(string $bytes, string $name = 'places.gpx', ?Water $water = null): string
    {
        $answer = $this->post(
            '/waters/'.($water ?? $this->water)->id.'/import', ['file' => UploadedFile::fake()->createWithContent($name, $bytes)]
        );
        $lines = array_filter(explode("\n", $answer->streamedContent()));
        $last = json_decode((string) end($lines), true);
        self::assertIsArray($last);

        return $last['said'] ?? $last['trouble'] ?? self::fail('it says nothing in the end');
    }

    /** @return array<string, mixed> */
    private function things(Water $water): array
    {
        $round = static fn (mixed $value): mixed => is_float($value) ? round($value, 1) : $value;
        $all = static fn (iterable $rows, array $columns): array => collect($rows)->map(
            static fn ($row): array => array_map($round, array_intersect_key($row->toArray(), array_flip($columns))),
        )->all();

        return [
            'spots' => $all($water->spots()->get(), ['name', 'depth_m', 'bottom', 'east_m', 'north_m', 'wall']),
            'marks' => $all(
                $water->marks()->get(), ['kind', 'east_m', 'north_m', 'depth_m', 'bottom', 'side', 'direction', 'note', 'uuid']
            ),
            'edges' => $all($water->edges()->get(), ['kind', 'name', 'seen_on', 'uuid']),
            'soundings' => DB::table('soundings')->join('surveys', 'surveys.id', '=', 'survey_id')->where('water_id', $water->id)
                ->orderBy('soundings.id')->get()->map(
                    static fn ($row): array => [round($row->east_m, 1), round($row->north_m, 1), round($row->depth_m, 2)]
                )->all(),
        ];
    }

    #[DataProvider('formats')]
    public function test_a_water_goes_out_and_comes_back_equal(string $format): void
    {
        $this->put("/waters/{$this->water->id}/level", ['level' => '-1 m']);
        $this->sounded();
        $this->water->spots()->firstOrFail()->update(['east_m' => 5.0, 'north_m' => 6.0]);
        $this->post("/waters/{$this->water->id}/marks", [
            'uuid' => (string) Str::uuid(), 'kind' => 'bottom', 'bottom' => 'mud', 'x' => 1, 'y' => 2,
            'depth' => '3 m', 'note' => 'soft; very', 'side' => 'lee',
        ]);
        $this->post("/waters/{$this->water->id}/edges", [
            'uuid' => (string) Str::uuid(), 'kind' => 'wall', 'name' => 'Dam', 'line' => '0,0;10,5;20,30',
        ]);
        $file = $this->get("/places/{$this->water->id}.{$format}")->assertOk()->getContent();
        self::assertIsString($file);
        $things = $this->things($this->water);

        self::assertStringContainsString('not here already', $this->bring($file, "x.{$format}").'not here already');
        self::assertSame($things, $this->things($this->water), 'brought in where it is, it changes nothing');

        $other = $this->anglerOnTheLake();
        $this->actingAs($other);
        $this->post('/waters', ['name' => 'Elsewhere', 'kind' => 'lake', 'salt' => 'fresh', 'latitude' => 61.0, 'longitude' => -7.0]);
        $fresh = $other->waters()->sole();
        self::assertStringContainsString('soundings', $this->bring($file, "x.{$format}", $fresh));
        self::assertEquals($things, $this->things($fresh));
    }

    /** @return list<array{string}> */
    public static function formats(): array
    {
        return [['gpx'], ['geojson']];
    }

    public function test_a_track_is_thinned_and_its_spikes_left_out_and_the_first_lays_the_origin(): void
    {
        $this->water->update(['latitude' => null, 'longitude' => null]);
        $track = new Track('Drift');
        for ($i = 0; $i < 600; $i++) {
            $track->add(61.5 + $i * 2e-6, -7.2, $i === 300 ? 60.0 : 8.0, 1_790_000_000.0 + $i);
        }
        $said = $this->bring(Gpx::write(new PlacesFile([], [], [$track])));
        Event::fake([KeyWritten::class]);
        self::assertNotNull($this->get('/places')->inertiaProps('ground'));
        Event::assertNotDispatched(KeyWritten::class, static fn (KeyWritten $written): bool => str_starts_with($written->key, 'charted'));
        self::assertMatchesRegularExpression('/^1\d\d soundings from 600 points, 1 spikes left out\.$/', $said);
        self::assertEqualsWithDelta(61.5, $this->water->refresh()->latitude, 1e-5);
        self::assertSame('These soundings are there already.', $this->bring(Gpx::write(new PlacesFile([], [], [$track]))));
        self::assertSame(1, $this->water->surveys()->count());
        $this->delete('/surveys/'.$this->water->surveys()->sole()->uuid);
        self::assertSame(0, DB::table('soundings')->count());
        self::assertNull($this->get('/places')->inertiaProps('ground'), 'what was cached is not shown any more');
    }

    public function test_a_sketched_water_asks_for_its_position_before_a_track(): void
    {
        $this->water->update(['latitude' => null, 'longitude' => null]);
        $this->sounded();
        $track = new Track('Drift');
        $track->add(61.5, -7.2, 8.0);
        self::assertStringContainsString('no position yet', $this->bring(Gpx::write(new PlacesFile([], [], [$track]))));
        self::assertStringContainsString('soundings', $this->bring("east_m,north_m,depth_m\n100,100,5\n104,100,6\n", 'lead.csv'));
        $this->get("/places/{$this->water->id}.gpx")->assertSessionHasErrors('latitude');
        $this->get('/places')->assertOk();
    }

    #[DataProvider('hostile')]
    public function test_hostile_files_are_refused_in_a_sentence_and_nothing_is_kept(string $bytes): void
    {
        self::assertMatchesRegularExpression('/^[A-Z].*\.$/u', $this->bring($bytes));
        self::assertSame([0, 0, 0], [$this->water->surveys()->count(), $this->water->marks()->count(), $this->water->edges()->count()]);
    }

    /** @return list<array{string}> */
    public static function hostile(): array
    {
        return [
            [''], ["\0\0\0"], ['<gpx'], ['{"type":'], ["lat,lon\n1,2"], [
                '<!DOCTYPE x [<!ENTITY a SYSTEM "file:///etc/passwd">]><gpx>&a;</gpx>',
            ],
            [Gpx::write(new PlacesFile([], [], [self::far()]))],
        ];
    }

    private static function far(): Track
    {
        $track = new Track('Elsewhere');
        $track->add(-30.0, 100.0, 4.0);

        return $track;
    }

    public function test_what_instruments_say_is_recorded_and_stopped(): void
    {
        $this->freezeSecond();
        $keeper = new \App\Instruments\FeedKeeper($this->angler, 'boat:1');
        $this->post("/waters/{$this->water->id}/recording", ['uuid' => (string) Str::uuid()])->assertSessionHasNoErrors();
        for ($i = 0; $i < 40; $i++) {
            $minutes = 60 * (61 + $i * 4e-5 - 61);
            $sentences = [['SD', 'DPT', [$i === 20 ? '55.0' : '6.5', '0.5', '']], ['GP', 'GGA', [
                '120000', sprintf('61%07.4f', $minutes), 'N', '00700.0000', 'W', '1', '9', '0.9', '31', 'M', '', 'M', '', '',
            ]]];
            foreach ($sentences as [$talker, $kind, $fields]) {
                $keeper->take(\Eskith\Core\Formats\Nmea\Sentence::of($talker, $kind, $fields)->text()."\r\n", (float) $i);
            }
            $keeper->take('', $i + 0.5);
            $this->travel(1)->seconds();
        }
        $boat = $this->getJson("/places/{$this->water->id}/boat")->assertOk()->json();
        self::assertGreaterThan(30, $boat['recording']['count']);
        self::assertNotNull($boat['y']);
        self::assertNull($this->get('/places')->inertiaProps('ground'), 'it is on the chart once it is stopped');
        $this->delete('/recording')->assertSessionHas('said');
        $survey = $this->water->surveys()->sole();
        self::assertSame(1, $survey->spikes);
        self::assertEqualsWithDelta(38, $survey->seconds, 2);
        self::assertEqualsWithDelta(7.0, $this->get('/places')->inertiaProps('ground')['deepM'], 0.01);
        self::assertStringContainsString('spent looking', $this->get('/places')->inertiaProps('water')['looked']);

        $this->post("/waters/{$this->water->id}/recording", ['uuid' => (string) Str::uuid()]);
        $this->delete('/recording')->assertSessionHas('said', 'Nothing was heard, so nothing is kept.');
        self::assertSame(1, $this->water->surveys()->count());
    }
}
