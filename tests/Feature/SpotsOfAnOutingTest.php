<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Account\LogFile;
use App\Models\Event;
use App\Models\Move;
use App\Models\Outing;
use App\Models\Setup;
use App\Models\Spot;
use App\Models\User;
use App\Readings\TodaysReadings;
use App\Record\DayReader;
use Eskith\Core\Choosing\Trials;
use Eskith\Telling\Day\Today;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use Tests\TestCase;

/** A day over several spots and two waters: each bite, hour and reading is of where it was. */
final class SpotsOfAnOutingTest extends TestCase
{
    use RefreshDatabase;

    private User $angler;

    private Spot $bar;

    private Spot $hump;

    private Spot $wall;

    private string $outing;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(now()->startOfMinute());
        $this->actingAs($this->angler = $this->anglerOnTheLake());
        $lake = $this->angler->waters()->create(['name' => 'Slate Lake', 'kind' => 'lake', 'profile' => 'uniform', 'salinity' => 0]);
        $harbour = $this->angler->waters()->create(
            ['name' => 'Gull Harbour', 'kind' => 'harbour', 'profile' => 'uniform', 'salinity' => 30],
        );
        $spot = fn (int $water, string $name, float $depth): Spot => $this->angler->spots()->create(
            ['water_id' => $water, 'name' => $name, 'depth_m' => $depth, 'bottom' => 'rock', 'wall' => false],
        );
        [$this->bar, $this->hump, $this->wall] = [
            $spot($lake->id, 'North bar', 7.9248), $spot($lake->id, 'South hump', 6.096), $spot($harbour->id, 'Outer wall', 10.0584),
        ];
        $this->put("/spots/{$this->bar->id}/here")->assertRedirect();
        $this->put('/readings', ['readings' => ['weed' => 'green', 'current' => '0.1 m/s', 'trend' => 'cooling', 'temp' => '40 F']]);
        $this->post('/rods', ['uuid' => (string) Str::uuid(), 'name' => 'Vertical rod'])->assertSessionHasNoErrors();
        $this->post('/tie-on', [
            'uuid' => (string) Str::uuid(), 'lure' => $this->angler->lures()->where('finish', 'white')->firstOrFail()->id,
            'hole' => 'middle', 'cadence' => 'low_hop',
        ])->assertSessionHasNoErrors();
        $this->outing = $this->angler->outings()->sole()->uuid;
    }

    /**
     * @param  array<string, mixed>  ...$taps
     * @return array<string, mixed> the answer
     */
    private function tap(array ...$taps): array
    {
        $told = $this->postJson("/outings/{$this->outing}/taps", ['angler' => $this->angler->id, 'taps' => array_map(
            static fn (array $tap): array => ['uuid' => (string) Str::uuid(), 'at' => now()->format('Y-m-d\TH:i:s.vP'), ...$tap], $taps,
        )])->assertOk()->json();
        self::assertSame([], $told['refused']);

        return (array) $this->getJson("/outings/{$this->outing}/now")->assertOk()->json('outing');
    }

    private function fish(string $species, string $hook): void
    {
        $fish = (string) Str::uuid();
        $this->tap(['uuid' => $fish, 'kind' => 'fish', 'species' => $species, 'landed' => true]);
        $this->travel(5)->seconds();
        $this->tap(['do' => 'amend', 'event' => $fish, 'said' => now()->format('Y-m-d\TH:i:s.vP'), 'hook' => $hook]);
    }

    /** @return array<string, mixed> of a page, as the browser has them */
    private function props(string $page): array
    {
        $props = json_encode($this->get($page)->assertOk()->viewData('page')['props'], JSON_THROW_ON_ERROR);

        return (array) json_decode($props, true, flags: JSON_THROW_ON_ERROR);
    }

    private function outing(): Outing
    {
        return $this->angler->outings()->sole();
    }

    public function test_the_whole_day_is_told_where_it_was(): void
    {
        $this->travel(60)->minutes();
        $this->tap(['kind' => 'drop']);
        $this->fish('walleye', 'front');
        $this->tap(['kind' => 'followed']);
        $this->travel(10)->minutes();
        $this->tap(['do' => 'move', 'spot' => $this->hump->id]);
        $this->travel(30)->minutes();
        $this->tap(['kind' => 'touch'], ['kind' => 'refused']);
        $this->travel(10)->minutes();
        $now = $this->tap(['do' => 'move', 'spot' => $this->wall->id]);
        self::assertSame('Outer wall · Gull Harbour', $now['place']);
        self::assertSame('Outer wall · Gull Harbour', $this->getJson('/answer')->json('column.place'));
        $this->put('/readings', ['readings' => ['temp' => '50 F']]);
        $this->travel(20)->minutes();
        $this->fish('sauger', 'rear');
        $this->tap(['do' => 'end']);

        $setups = Setup::query()->orderBy('tied_at')->get();
        self::assertSame([$this->bar->id, $this->hump->id, $this->wall->id], $setups->pluck('spot_id')->all());
        self::assertSame([7.9248, 6.096, 10.0584], $setups->pluck('depth_m')->all());
        self::assertSame(
            ['drop' => 7.9248, 'fish' => 7.9248, 'followed' => 7.9248],
            Event::query()->with('setup')->where('setup_id', $setups[0]->id)->get()->mapWithKeys(
                static fn (Event $event): array => [(string) $event->kind?->value => $event->setup->depth_m],
            )->sortKeys()->all(),
        );
        self::assertSame(2, Event::query()->where('setup_id', $setups[1]->id)->count());
        self::assertSame('rear', Event::query()->where('setup_id', $setups[2]->id)->sole()->hook?->value);

        $rows = $this->props("/outings/{$this->outing}")['setups'];
        self::assertSame(['North bar', 'South hump', 'Outer wall'], array_column($rows, 'place'));
        self::assertSame([[1, 1], [1, 0], [1, 1]], array_map(static fn (array $row): array => [$row['touches'], $row['landed']], $rows));
        self::assertSame(['', 'the same there', 'the same there'], array_column($rows, 'change'));

        $seen = fn (array $filter): array => $this->props('/look-back?'.http_build_query($filter))['outings'];
        self::assertSame(
            [['North bar, South hump · Slate Lake', 2, 1], ['Outer wall · Gull Harbour', 1, 1]],
            array_map(static fn (array $one): array => [$one['place'], $one['touches'], $one['landed']], $seen([])),
        );
        self::assertSame(['Outer wall · Gull Harbour'], array_column($seen(['water' => 'Gull Harbour']), 'place'));
        self::assertSame(["40\u{A0}°F", "50\u{A0}°F"], array_column($seen([]), 'temp'));
        self::assertEqualsWithDelta([100 / 60, 20 / 60], array_column($seen([]), 'hours'), 0.2);
        $csv = (string) $this->get('/log.csv')->getContent();
        self::assertSame([3, 2, 1], array_map(
            static fn (string $place): int => substr_count($csv, $place),
            ['North bar · Slate Lake', 'South hump · Slate Lake', 'Outer wall · Gull Harbour'],
        ));
    }

    public function test_what_no_longer_holds_is_set_aside_and_taken_over_by_one_tap(): void
    {
        $this->travel(2)->hours();
        $now = $this->tap(['do' => 'move', 'spot' => $this->hump->id]);
        $book = TodaysReadings::of($this->angler->refresh());
        self::assertSame([null, null, 'cooling'], [$book->text('weed'), $book->text('current'), $book->text('trend')]);
        self::assertEqualsWithDelta(6.096, $book->si('depth'), 1e-3);
        $offered = array_column($now['elsewhere'], null, 'name');
        self::assertSame(['North bar', 'green'], [$offered['weed']['place'], $offered['weed']['words']]);
        self::assertArrayNotHasKey('trend', $offered);

        $this->put('/readings', ['readings' => ['weed' => $offered['weed']['text']]])->assertSessionHasNoErrors();
        self::assertSame('green', TodaysReadings::of($this->angler)->text('weed'));
        $now = $this->tap(['kind' => 'drop']);
        self::assertNotContains('weed', array_column($now['elsewhere'], 'name'));

        // Nothing that was read of one water holds at another; what is of the day and of the gear does.
        $this->travel(10)->minutes();
        $this->tap(['do' => 'move', 'spot' => $this->wall->id]);
        $book = TodaysReadings::of($this->angler);
        self::assertSame(
            [null, null, null, 'dim', 'walleye', 'vertical'],
            array_map($book->text(...), ['temp', 'trend', 'clarity', 'light', 'species', 'how']),
        );
        self::assertSame('sea', $book->text('salt'));
    }

    public function test_a_move_told_late_stands_where_it_was_in_time(): void
    {
        $this->travel(30)->minutes();
        $early = now()->format('Y-m-d\TH:i:s.vP');
        $this->travel(30)->minutes();
        // Tied on an hour after the bar, and only then does the phone of before tell that one had moved.
        $this->tap(['do' => 'tie_on', 'lure' => $this->angler->lures()->where('finish', 'gold')->firstOrFail()->id,
            'hole' => 'front', 'cadence' => 'low_hop']);
        $this->put('/readings', ['readings' => ['weed' => 'none', 'depth' => null]]);
        $this->travel(1)->minutes();
        $move = ['do' => 'move', 'uuid' => (string) Str::uuid(), 'at' => $early, 'spot' => $this->hump->id];
        $this->tap($move);
        $this->tap($move);
        self::assertSame(
            [[$this->bar->id, 'middle'], [$this->hump->id, 'middle'], [$this->hump->id, 'front']],
            Setup::query()->orderBy('tied_at')->get()->map(static fn (Setup $one): array => [$one->spot_id, $one->hole])->all(),
        );
        self::assertSame('none', TodaysReadings::of($this->angler)->text('weed'), 'what was read since stays');
        self::assertFalse($this->angler->readings()->where('name', 'depth')->exists(), 'what was taken away since stays away');
        self::assertSame(1, Move::query()->count());
        // A bite of before the move is of the bar, whatever setup the phone thought it was on.
        $this->tap(['kind' => 'touch', 'at' => now()->subMinutes(50)->format('Y-m-d\TH:i:s.vP'),
            'setup' => Setup::query()->latest('tied_at')->firstOrFail()->uuid]);
        self::assertSame($this->bar->id, Event::query()->with('setup')->sole()->setup->spot_id);
    }

    public function test_who_only_passed_by_was_never_there(): void
    {
        $this->travel(30)->minutes();
        $this->tap(['do' => 'move', 'spot' => $this->hump->id]);
        $this->travel(20)->seconds();
        $this->tap(['do' => 'move', 'spot' => $this->wall->id]);
        self::assertSame([$this->bar->id, $this->wall->id], Setup::query()->orderBy('tied_at')->pluck('spot_id')->all());
        $this->travel(20)->seconds();
        $now = $this->tap(['do' => 'move', 'spot' => $this->bar->id]);
        self::assertSame('North bar · Slate Lake', $now['place']);
        self::assertSame(1, Setup::query()->count(), 'back again at once: nothing was changed');
        self::assertSame(0, $this->outing()->moves()->count());
    }

    public function test_a_new_spot_is_named_and_known_once_one_leaves_it(): void
    {
        $this->travel(30)->minutes();
        $this->tap(['do' => 'move', 'name' => 'Weed point']);
        $spot = $this->angler->spots()->where('name', 'Weed point')->sole();
        self::assertSame([$this->bar->water_id, null], [$spot->water_id, $spot->depth_m]);
        self::assertNull(TodaysReadings::of($this->angler)->entries['depth']->readAt, 'nobody has sounded there');
        foreach (['/fish', '/water', "/places/{$this->bar->water_id}", '/lure', "/outings/{$this->outing}"] as $page) {
            $this->get($page)->assertOk();
        }
        $this->put('/readings', ['readings' => ['depth' => '4 m', 'bottom' => 'sand']]);
        $this->travel(30)->minutes();
        $this->tap(['kind' => 'touch']);
        self::assertEqualsWithDelta(4.0, Setup::query()->latest('tied_at')->firstOrFail()->depth_m, 1e-9);
        $this->travel(30)->minutes();
        $this->tap(['do' => 'move', 'spot' => $this->hump->id]);
        self::assertEqualsWithDelta(4.0, $spot->refresh()->depth_m, 1e-9);
        self::assertSame('sand', $spot->bottom?->value);
    }

    public function test_the_time_to_move_is_of_the_spot(): void
    {
        $this->travel(50)->minutes();
        $this->tap(['do' => 'move', 'spot' => $this->hump->id]);
        $this->travel(10)->minutes();
        $day = Today::of(DayReader::of($this->angler), [], new Trials, now(), $this->hump->id)->day;
        $hours = [];
        foreach ($day->stints as $stint) {
            $hours[$stint->spot] = round($stint->fromH - $stint->toH, 2);
        }
        self::assertEqualsWithDelta([(string) $this->hump->id => 0.17, (string) $this->bar->id => 0.83], $hours, 0.02);
    }

    public function test_a_spot_of_another_or_none_is_refused_in_a_sentence(): void
    {
        $other = User::factory()->create();
        $water = $other->waters()->create(['name' => 'Theirs', 'kind' => 'lake', 'profile' => 'uniform', 'salinity' => 0]);
        $theirs = $other->spots()->create(['water_id' => $water->id, 'name' => 'Secret', 'depth_m' => 5, 'bottom' => 'rock']);
        $wrong = ['spot' => $this->hump->id, 'setups' => ['a' => 'b']];
        foreach ([['spot' => $theirs->id], [], ['name' => '  '], ['spot' => 'x'], $wrong] as $to) {
            $told = $this->postJson("/outings/{$this->outing}/taps", ['angler' => $this->angler->id, 'taps' => [
                ['uuid' => (string) Str::uuid(), 'do' => 'move', 'at' => now()->toIso8601String(), ...$to],
            ]])->assertOk()->json();
            self::assertCount(1, $told['refused']);
            self::assertStringEndsWith('.', $told['refused'][0]['why']);
        }
        self::assertSame(0, Move::query()->count());
    }

    public function test_what_goes_out_comes_in_with_its_spots_and_an_older_log_where_its_outing_was(): void
    {
        $this->travel(30)->minutes();
        $this->tap(['do' => 'move', 'spot' => $this->wall->id]);
        $this->travel(30)->minutes();
        $this->tap(['kind' => 'touch'], ['do' => 'end']);
        $log = $this->get('/log.json')->streamedContent();
        $names = static fn (User $user): array => Setup::query()->with('spot.water')->where('user_id', $user->id)->orderBy('tied_at')->get()
            ->map(static fn (Setup $one): ?string => $one->spot?->placed())->all();
        $older = json_decode($log, true);
        $older['setups'] = array_map(static fn (array $row): array => array_diff_key($row, ['spot_id' => 0]), $older['setups']);
        unset($older['moves']);
        foreach ([[$log, ['North bar · Slate Lake', 'Outer wall · Gull Harbour'], 1],
            [json_encode($older), ['North bar · Slate Lake', 'North bar · Slate Lake'], 0]] as [$file, $places, $moves]) {
            $this->actingAs($other = User::factory()->create());
            $path = tempnam(sys_get_temp_dir(), 'log');
            file_put_contents($path, $file);
            LogFile::take($other, $path);
            unlink($path);
            self::assertSame($places, $names($other));
            self::assertSame($moves, Move::query()->where('user_id', $other->id)->count());
        }
    }
}
