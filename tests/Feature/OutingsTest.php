<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Outing;
use App\Models\Pause;
use App\Models\User;
use App\Record\DayReader;
use App\Record\JoinedMeanwhile;
use App\Record\OutingHours;
use App\Record\OutingKeeper;
use Eskith\Core\Choosing\Trials;
use Eskith\Telling\Day\Today;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Inertia\Testing\AssertableInertia as Page;
use Tests\TestCase;

/** Outings of before: looked at whole, noted, joined, taken away for a day, out and in as files; and their pauses. */
final class OutingsTest extends TestCase
{
    use RefreshDatabase;

    private User $angler;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(now()->startOfMinute());
        $this->actingAs($this->angler = $this->anglerOnTheLake());
    }

    public function test_one_begins_with_nothing_on_and_is_seen_whole_later(): void
    {
        $id = (string) Str::uuid();
        $this->post('/outings', ['uuid' => $id])->assertRedirect('/fish');
        $this->post('/outings', ['uuid' => $id])->assertRedirect('/fish');
        $outing = $this->angler->outings()->sole();
        $this->get('/fish')->assertInertia(fn (Page $page) => $page->where('outing.title', 'Nothing on this rod')->has('box', 4));
        $this->tie('white');
        $this->travel(30)->minutes();
        $this->log($outing, 'touch');
        $this->tie('gold');
        $this->travel(15)->minutes();
        $this->log($outing, 'fish', [
            'species' => 'walleye', 'length' => '18 in', 'tag' => 'H 1204', 'tag_contact' => 'hatchery', 'girth' => '9 in',
        ]);
        $this->post("/outings/{$outing->uuid}/end");
        $this->put("/outings/{$outing->uuid}/note", ['note' => 'Fog till ten.'])->assertSessionHasNoErrors();
        $this->get("/outings/{$outing->uuid}")->assertInertia(fn (Page $page) => $page->component('Outing')
            ->where('outing.words', '45 min, 2 bites, 1 landed')->where('outing.note', 'Fog till ten.')
            ->where('setups.0.hours', '30 min')->where('setups.0.touches', 1)->where('setups.0.change', '')
            ->where('setups.1.hours', '15 min')->where('setups.1.landed', 1)->where('setups.1.change', 'finish')
            ->where('events.0.bite.tag', 'H 1204')->where('events.0.bite.girth', '9 in')->has('events', 2));
        $this->get('/outings')->assertInertia(fn (Page $page) => $page->component('Outings')->has('outings', 1)
            ->where('outings.0.words', '45 min, 2 bites, 1 landed')->where('years', [(int) now()->format('Y')]));
        $this->actingAs($this->angler())->get("/outings/{$outing->uuid}")->assertNotFound();
    }

    public function test_pauses_take_time_from_the_lure_and_from_what_counts_as_blank(): void
    {
        $this->tie('white');
        $outing = $this->angler->outings()->sole();
        $tap = fn (array $tap): TestResponse => $this->postJson(
            "/outings/{$outing->uuid}/taps", ['angler' => auth()->id(), 'taps' => [$tap]],
        )->assertOk();
        $this->travel(20)->minutes();
        $pause = ['do' => 'pause', 'uuid' => (string) Str::uuid(), 'why' => 'eating', 'at' => now()->toIso8601String()];
        $tap($pause);
        $this->getJson("/outings/{$outing->uuid}/now")->assertJsonPath('outing.pause.why', 'eating');
        $this->travel(30)->minutes();
        $tap(['do' => 'go_on', 'uuid' => (string) Str::uuid(), 'at' => now()->toIso8601String()]);
        $this->getJson("/outings/{$outing->uuid}/now")->assertOk()->assertJsonPath('outing.pause', null);
        $tap($pause);
        self::assertSame(1, Pause::query()->count(), 'the same twice is one');
        $this->travel(10)->minutes();
        self::assertEqualsWithDelta(0.5, array_sum(OutingHours::of($outing)->hours), 1e-6);
        $lure = (int) $this->angler->lures()->where('finish', 'white')->value('id');
        $day = Today::of(DayReader::of($this->angler->refresh()), [$lure => $lure], new Trials, now())->day;
        self::assertEqualsWithDelta(0.5, $day->blank("{$lure}|middle|low_hop"), 1e-6);
        // A tap ends one that was never ended.
        $tap([...$pause, 'uuid' => (string) Str::uuid(), 'at' => now()->toIso8601String()]);
        $this->travel(5)->minutes();
        $this->log($outing, 'drop');
        self::assertEqualsWithDelta(5, Pause::query()->latest('id')->firstOrFail()->from_at->diffInMinutes(now()), 1e-6);
        self::assertNotNull(Pause::query()->latest('id')->firstOrFail()->until_at);
    }

    public function test_what_is_taken_away_can_be_brought_back_for_a_day_and_counts_nowhere_meanwhile(): void
    {
        $outing = $this->fished(3);
        $this->delete("/outings/{$outing->uuid}")->assertRedirect('/outings');
        $this->get('/outings')->assertInertia(fn (Page $page) => $page->has('outings', 0)->where('takenAway.value', $outing->uuid));
        $this->get("/outings/{$outing->uuid}")->assertNotFound();
        $this->get("/outings/{$outing->uuid}.json")->assertNotFound();
        $tap = ['uuid' => (string) Str::uuid(), 'kind' => 'drop', 'at' => $outing->started_at->addMinute()->toIso8601String()];
        $told = $this->postJson("/outings/{$outing->uuid}/taps", ['angler' => auth()->id(), 'taps' => [$tap]])->assertConflict()->json();
        self::assertSame(['away', [], []], [$told['goes'], $told['taken'], $told['refused']], 'they wait');
        foreach (["/outings/{$outing->uuid}/events", "/outings/{$outing->uuid}/end", "/outings/{$outing->uuid}/crew"] as $address) {
            $this->postJson($address, $tap)->assertJsonValidationErrors('outing');
        }
        $this->putJson("/events/{$outing->events()->firstOrFail()->uuid}", ['note' => 'late'])->assertJsonValidationErrors('outing');
        $this->put("/outings/{$outing->uuid}/back")->assertRedirect("/outings/{$outing->uuid}");
        $this->get('/outings')->assertInertia(fn (Page $page) => $page->has('outings', 1)->where('takenAway', null));
        $this->delete("/outings/{$outing->uuid}");
        $this->travel(25)->hours();
        $this->get('/outings')->assertInertia(fn (Page $page) => $page->where('takenAway', null));
        $this->delete('/outings/'.$this->fished(1)->uuid);
        self::assertNull(Outing::query()->find($outing->id), 'after a day it is gone');
    }

    public function test_two_that_were_one_are_joined_and_two_far_apart_are_not(): void
    {
        $first = $this->fished(2);
        $this->travel(1)->hours();
        $second = $this->fished(3);
        $this->travel(4)->days();
        $third = $this->fished(1);
        $this->get("/outings/{$second->uuid}")->assertInertia(
            fn (Page $page) => $page->has('joinable', 1)->where('joinable.0.value', $first->uuid),
        );
        $this->post("/outings/{$second->uuid}/join", ['into' => $third->uuid])->assertSessionHasErrors('into');
        $this->post("/outings/{$second->uuid}/join", ['into' => $second->uuid])->assertSessionHasErrors('into');
        $this->post("/outings/{$second->uuid}/join", ['into' => $first->uuid])->assertRedirect("/outings/{$first->uuid}");
        self::assertSame([5, 1], [$first->events()->count(), $third->events()->count()]);
        self::assertNull(Outing::query()->find($second->id));
        self::assertTrue($first->refresh()->ended_at?->equalTo($second->ended_at));
        // What was tapped for the one that is no more follows it, also when its new one is joined on.
        $tap = static fn (): array => ['uuid' => (string) Str::uuid(), 'kind' => 'drop',
            'at' => $second->started_at->addMinute()->toIso8601String()];
        $told = $this->postJson("/outings/{$second->uuid}/taps", ['angler' => auth()->id(), 'taps' => [$tap()]])->assertOk()->json();
        self::assertSame(['joined', $first->uuid, 6], [$told['goes'], $told['into'], $first->events()->count()]);
        $fourth = $this->fished(1);
        $fourth->update(['started_at' => $first->started_at, 'ended_at' => $first->ended_at]);
        $this->post("/outings/{$first->uuid}/join", ['into' => $fourth->uuid])->assertRedirect("/outings/{$fourth->uuid}");
        $this->postJson("/outings/{$second->uuid}/taps", ['angler' => auth()->id(), 'taps' => [$tap()]])->assertJsonPath('goes', 'joined');
        self::assertSame(8, $fourth->events()->count());
        // Both ways round at once: the second finds that there is only one left.
        $this->expectException(JoinedMeanwhile::class);
        OutingKeeper::of($this->angler)->join($fourth, $first);
    }

    public function test_an_outing_goes_out_and_comes_in_elsewhere_with_nothing_doubled(): void
    {
        $outing = $this->fished(3);
        $other = $this->fished(2);
        $json = (string) $this->get("/outings/{$outing->uuid}.json")->assertOk()->streamedContent();
        $file = json_decode($json, true);
        self::assertSame(['eskith-log', 1, 1, 3], [$file['format'], $file['version'], count($file['outings']), count($file['events'])]);
        self::assertCount(1, $file['lures'], 'only what the outing leans on');
        self::assertStringStartsWith('Read in: 0 added', $this->take($json)->getSession()->get('said'));

        $this->actingAs($elsewhere = $this->angler());
        self::assertStringStartsWith('Read in: 6 added, 0 there already', $this->take($json)->getSession()->get('said'));
        self::assertStringStartsWith('Read in: 0 added, 6 there already', $this->take($json)->getSession()->get('said'));
        self::assertSame([1, 3, 1], [$elsewhere->outings()->count(), $elsewhere->events()->count(), $elsewhere->lures()->count()]);
        $kept = $elsewhere->outings()->sole();
        self::assertTrue($kept->started_at->equalTo($outing->started_at));

        $this->actingAs($this->angler);
        $all = json_decode((string) $this->get('/log.json?year='.now()->format('Y'))->streamedContent(), true);
        self::assertCount(2, $all['outings']);
        self::assertArrayNotHasKey('outings', json_decode((string) $this->get('/log.json?year=1999')->streamedContent(), true));
        foreach (['{"format":"eskith-log"}', '{"format":"eskith-log","version":1,"events":7}', 'no log at all', '{', "\xff\xfe"] as $bad) {
            $this->take($bad)->assertSessionHasErrors('file');
        }
        self::assertSame(5, $this->angler->events()->count());
        self::assertSame(2, $other->events()->count());
    }

    public function test_the_table_is_safe_in_spreadsheets_and_brings_back_an_event_that_was_lost(): void
    {
        $outing = $this->fished(2);
        $this->log($outing, 'fish', [
            'species' => '=cmd', 'length' => '47 cm', 'note' => '+1 "quoted", and more',
            'at' => $outing->ended_at?->subMinute()->toIso8601String(),
        ]);
        $csv = (string) $this->get("/outings/{$outing->uuid}.csv")->assertOk()->getContent();
        self::assertStringContainsString("'=cmd", $csv);
        self::assertStringContainsString("\"'+1 \"\"quoted\"\", and more\"", $csv);
        self::assertSame(4, substr_count($csv, "\n"));
        $before = $outing->events()->orderBy('id')->get()->map(static fn ($event): array => $event->only([
            'uuid', 'kind', 'species', 'length_m', 'landed', 'note', 'at',
        ]))->all();
        $outing->events()->where('species', '=cmd')->delete();
        self::assertStringStartsWith('Read in: 1 added, 2 there already.', $this->take($csv)->getSession()->get('said'));
        self::assertEquals($before, $outing->events()->orderBy('id')->get()->map(static fn ($event): array => $event->only([
            'uuid', 'kind', 'species', 'length_m', 'landed', 'note', 'at',
        ]))->all());
        $nonsense = "event,setup,kind,time\n".Str::uuid().','.$outing->setups()->value('uuid').",nap,2026-01-01T00:00:00Z\n";
        self::assertStringContainsString('1 line refused', $this->take($nonsense)->getSession()->get('said'));
    }

    public function test_places_go_out_as_gpx_where_they_have_a_position(): void
    {
        $this->post('/spots', ['water' => 'Lake <&>', 'spot' => 'Bar']);
        $spot = $this->angler->spots()->with('water')->sole();
        $spot->update(['east_m' => 0.0, 'north_m' => 0.0, 'depth_m' => 7.9]);
        $spot->water->update(['latitude' => 61.25, 'longitude' => -7.5]);
        $outing = $this->fished(2, spot: true);
        $gpx = simplexml_load_string((string) $this->get("/outings/{$outing->uuid}.gpx")->assertOk()->getContent());
        self::assertNotFalse($gpx);
        self::assertSame(['61.25', '-7.5', 'Bar · Lake <&>'], [
            (string) $gpx->wpt['lat'], (string) $gpx->wpt['lon'], (string) $gpx->wpt->name,
        ]);
        self::assertStringContainsString('0 landed of 2 bites; depth 7.9 m', (string) $gpx->wpt->desc);
        self::assertSame('7.9', (string) $gpx->wpt->extensions->children('urn:eskith:gpx:1')->depth);
        self::assertCount(0, simplexml_load_string((string) $this->get('/log.gpx?year=1999')->getContent())->wpt ?? []);
    }

    private function fished(int $touches, bool $spot = false): Outing
    {
        $this->tie('white');
        $outing = $this->angler->outings()->underWay()->sole();
        $this->travel(20)->minutes();
        for ($i = 0; $i < $touches; $i++) {
            $this->log($outing, 'touch');
        }
        $this->post("/outings/{$outing->uuid}/end");
        $this->travel(1)->minutes();

        return $outing->refresh();
    }

    private function tie(string $finish): void
    {
        $this->post('/tie-on', [
            'uuid' => (string) Str::uuid(), 'hole' => 'middle', 'cadence' => 'low_hop',
            'lure' => $this->angler->lures()->where('finish', $finish)->where('family', 'blade')->value('id'),
        ])->assertSessionHasNoErrors();
    }

    /** @param  array<string, mixed>  $more */
    private function log(Outing $outing, string $kind, array $more = []): void
    {
        $this->postJson("/outings/{$outing->uuid}/events", ['uuid' => (string) Str::uuid(), 'kind' => $kind, ...$more])->assertOk();
    }

    private function take(string $text): TestResponse
    {
        return $this->post('/log', ['file' => UploadedFile::fake()->createWithContent('log', $text)]);
    }
}
