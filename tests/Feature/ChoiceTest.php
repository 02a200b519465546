<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Lure;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Tests\TestCase;

/** The choice questioned: the other schools, what would change it, two lures side by side, the list narrowed and pinned. */
final class ChoiceTest extends TestCase
{
    use RefreshDatabase;

    private User $angler;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->angler = $this->anglerOnTheLake());
    }

    public function test_the_other_schools_say_what_they_would_do_otherwise(): void
    {
        $schools = array_column($this->getJson('/second-look')->assertOk()->json('schools'), null, 'school');
        self::assertSame(['level-lift', 'flash by light', 'snap-awake', 'free fall'], array_keys($schools));
        self::assertMatchesRegularExpression('/^back down in [\d.]+\x{A0}s$/u', $schools['free fall']['words']);
        self::assertSame(['front hole', false], [$schools['level-lift']['words'], $schools['level-lift']['agrees']]);
        self::assertStringStartsWith('gold half-ounce blade', $schools['flash by light']['words']);
        self::assertSame(
            ['', true], [$schools['snap-awake']['words'], $schools['snap-awake']['agrees']],
            'neither fish nor water are slow enough to disagree about',
        );
        $this->putJson('/readings', ['readings' => ['mood' => 'sluggish']]);
        self::assertSame(
            'short pop', collect($this->getJson('/second-look')->json('schools'))->firstWhere('school', 'snap-awake')['words'],
        );

        $this->put('/settings', ['hole' => 'level-lift']);
        $schools = array_column($this->getJson('/second-look')->json('schools'), null, 'school');
        self::assertSame('middle hole', $schools['middle-first']['words'], 'the other of the two is asked');
        $key = $schools['middle-first']['key'];
        self::assertSame($key, $this->getJson('/answer?pick='.$key)->json('chosen.key'), 'what it names can be looked at');
    }

    public function test_what_would_change_the_choice_does_change_it(): void
    {
        Lure::factory()->for($this->angler)->create(['mass_kg' => 0.0212621, 'mass_text' => '3/4 oz']);
        $look = $this->getJson('/second-look')->json();
        self::assertMatchesRegularExpression('/^> 0\.\d+\x{A0}mph: ¾\x{A0}oz$/u', $look['tips']['drift']['short']);
        self::assertMatchesRegularExpression(
            '/^Above 0\.\d+\x{A0}mph of drift: take the ¾\x{A0}oz\.$/u', $look['tips']['drift']['sentences'][0]['words'],
        );
        foreach ($look['tips'] as $name => $tip) {
            foreach ($tip['sentences'] as $sentence) {
                self::assertNotSame(
                    $this->getJson('/answer')->json('picks.0.lureId'),
                    $this->getJson('/answer?'.http_build_query([$name => $sentence['try']]))->assertOk()->json('picks.0.lureId'),
                    "{$name} {$sentence['try']}",
                );
            }
        }
        preg_match('/([\d.]+)/', $look['tips']['drift']['short'], $found);
        $before = (float) $found[1] - 0.01;
        $after = (float) $found[1] + 0.02;

        self::assertSame('Tie on the white half-ounce blade', $this->getJson("/answer?drift={$before}+mph")->json('headline'));
        self::assertSame('Tie on the white three-quarter-ounce blade', $this->getJson("/answer?drift={$after}+mph")->json('headline'));
        self::assertStringContainsString('No change alone from: ', $look['still']);
        self::assertArrayNotHasKey('light', $look['tips'], 'stained water calls for white in any light');
    }

    public function test_a_look_at_readings_that_came_with_a_link_keeps_to_them(): void
    {
        $here = $this->getJson('/second-look')->json('tips');
        $there = $this->getJson('/second-look?'.http_build_query(['clarity' => 'clear', 'light' => 'bright']))->json('tips');
        self::assertNotSame($here, $there);
        $this->getJson('/second-look?depth=nonsense')->assertUnprocessable()->assertJsonValidationErrors('depth');
    }

    public function test_the_missing_reading_that_matters_most_is_named(): void
    {
        $this->putJson('/readings', ['readings' => ['clarity' => null, 'light' => null]])->assertOk();
        $wanted = (string) $this->getJson('/second-look')->json('wanted');
        self::assertMatchesRegularExpression('/^Most help now: read the (clarity|light|food)\. With .* you would take .*\.$/', $wanted);
    }

    public function test_an_empty_box_has_nothing_to_look_at_again(): void
    {
        $this->actingAs($this->angler());
        $this->getJson('/second-look')->assertOk()->assertExactJson(
            ['schools' => [], 'tips' => [], 'wanted' => null, 'still' => '', 'before' => null],
        );
    }

    public function test_a_late_answer_brings_no_old_session_back(): void
    {
        self::assertNotEmpty($this->get('/lure', ['Accept' => 'text/html'])->headers->getCookies());
        foreach (['/answer', '/fish'] as $beside) {
            self::assertSame([], $this->get($beside, ['Accept' => '*/*'])->assertOk()->headers->getCookies(), $beside);
        }
        $this->postJson('/outings/'.Str::uuid().'/taps', ['angler' => auth()->id(), 'taps' => []])->assertNotFound();
        self::assertSame([], $this->postJson('/outings/'.Str::uuid().'/taps',
            ['angler' => auth()->id(), 'taps' => []])->headers->getCookies());
        $angler = auth()->user() ?? self::fail('somebody is signed in');
        auth()->logout();
        self::assertSame([], $this->getJson('/answer')->assertUnauthorized()->headers->getCookies(), 'nor that of a visitor');
        self::assertNotEmpty($this->get('/sign-in', ['Accept' => '*/*'])->headers->getCookies());
        $this->actingAs($angler);
        $key = $this->getJson('/answer')->json('picks.0.key');
        self::assertSame([], $this->getJson('/second-look')->assertOk()->headers->getCookies());
        self::assertSame([], $this->getJson("/compare?a={$key}&b={$key}")->assertOk()->headers->getCookies());
        self::assertSame([], $this->getJson("/on-top?pick={$key}")->assertOk()->headers->getCookies());
    }

    public function test_two_lures_are_compared_point_by_point_with_both_drops(): void
    {
        $picks = $this->getJson('/answer')->json('picks');
        [$first, $second] = [$picks[0], $picks[1]];
        $compared = $this->getJson('/compare?'.http_build_query(['a' => $first['key'], 'b' => $second['key']]))->assertOk()->json();

        self::assertSame([$first['key'], $second['key']], [$compared['firstKey'], $compared['secondKey']]);
        self::assertEqualsWithDelta($first['points'] - $second['points'], array_sum(array_column($compared['contrasts'], 'lead')), 1e-9);
        self::assertStringStartsWith('The white half-ounce blade leads the ', $compared['verdict']);
        self::assertSame($second['drawing']['finish'], $compared['ghost']['drawing']['finish']);
        self::assertCount(21, $compared['ghost']['drop']['line']);
        self::assertNotEmpty($compared['ghost']['differences']);

        $turned = $this->getJson('/compare?'.http_build_query(['a' => $second['key'], 'b' => $first['key']]))->json();
        self::assertSame($compared['verdict'], $turned['verdict'], 'the same lead either way round');
    }

    public function test_why_a_lure_is_not_on_top_and_what_would_put_it_there(): void
    {
        $gold = $this->angler->lures()->where('finish', 'gold')->sole();
        $first = $this->getJson('/answer')->json('picks.0.key');
        $this->putJson('/readings', ['readings' => ['clarity' => 'clear', 'light' => 'mixed']]);
        $answer = $this->getJson('/answer')->json();
        $key = collect($answer['picks'])->firstWhere('lureId', $gold->id)['key'];
        self::assertSame(
            ['pick' => $key, 'words' => ['Perch about', 'Sunfish about', 'Golden shiner about']],
            $this->getJson("/on-top?pick={$key}")->assertOk()->json(),
        );
        self::assertSame([], $this->getJson("/on-top?pick={$answer['rack'][0]['key']}")->json('words'), 'the first is there already');
        $this->getJson('/on-top?pick=nothing')->assertUnprocessable();
        $this->putJson('/readings', ['readings' => ['food' => 'perch']]);
        self::assertSame($gold->id, $this->getJson('/answer')->json('picks.0.lureId'));
        self::assertNotSame($first, $key);
    }

    public function test_what_is_not_in_the_box_cannot_be_compared(): void
    {
        $mine = $this->getJson('/answer')->json('picks.0.key');
        $theirs = Lure::factory()->for($this->angler())->create()->id.'.middle.low_hop';
        $this->getJson(
            '/compare?'.http_build_query(['a' => $mine, 'b' => $theirs]),
        )->assertUnprocessable()->assertJsonValidationErrors(['pick' => 'not in your box']);
        $this->getJson('/compare')->assertUnprocessable();
    }

    public function test_the_list_is_narrowed_to_a_family_and_keeps_its_places(): void
    {
        Lure::factory()->for($this->angler)->create(['mass_kg' => 0.006, 'mass_text' => '6 g', 'finish' => 'black']);
        $all = $this->getJson('/answer')->json();
        self::assertSame(['blade', 'spoon', 'vibe'], $all['families']);
        $spoons = $this->getJson('/answer?family=spoon')->json();
        self::assertSame(['spoon'], array_values(array_unique(array_column(array_column($spoons['picks'], 'drawing'), 'family'))));
        self::assertSame($all['headline'], $spoons['headline'], 'the answer stays that of the whole box');
        self::assertGreaterThan(1, $spoons['picks'][0]['place']);
        self::assertSame("6\u{A0}g vibe, black", $this->getJson('/answer?family=vibe')->json('picks.0.title'));
        self::assertNull($this->getJson('/answer?family=anchor')->json('family'), 'a family there is not lists all');
        self::assertSame('spoon', $this->putJson('/readings', ['readings' => ['depth' => '20 ft'], 'family' => 'spoon'])->json('family'));
        $this->get('/lure?family=spoon')->assertInertia(fn ($page) => $page->where('answer.family', 'spoon'));
    }

    public function test_of_two_alike_the_one_on_the_line_is_shown_even_beside_a_pinned_one(): void
    {
        $first = $this->angler->lures()->where('finish', 'white')->where('family', 'blade')->sole();
        $twin = Lure::factory()->for($this->angler)->create(['finish' => 'white', 'position' => 90]);
        $shown = fn (): array => array_values(
            array_intersect(array_column($this->getJson('/answer')->json('picks'), 'lureId'), [$first->id, $twin->id]),
        );
        self::assertSame([$first->id], $shown());
        $this->putJson('/pinned', ['lure' => $twin->id])->assertNoContent();
        self::assertSame([$twin->id], $shown(), 'the pinned one stands for both');
        $this->post(
            '/tie-on', ['uuid' => (string) Str::uuid(), 'lure' => $first->id, 'hole' => 'middle', 'cadence' => 'short_pop'],
        )->assertRedirect('/fish');
        self::assertSame([$first->id], $shown(), 'but for what is on the line');
    }

    public function test_a_pinned_lure_stays_in_sight_wherever_it_ranks(): void
    {
        foreach (range(1, 12) as $i) {
            Lure::factory()->for($this->angler)->create(['finish' => "finish {$i}"]);
        }
        $last = Lure::factory()->for($this->angler)->create(['mass_kg' => 0.0283495, 'mass_text' => '1 oz', 'finish' => 'pink']);
        self::assertNotContains($last->id, array_column($this->getJson('/answer')->json('picks'), 'lureId'));
        $this->putJson('/pinned', ['lure' => $last->id])->assertNoContent();
        $this->putJson('/pinned', ['lure' => $last->id])->assertNoContent();

        $answer = $this->getJson('/answer')->json();
        self::assertSame($last->id, $answer['pinned']);
        $pinned = collect($answer['picks'])->firstWhere('lureId', $last->id);
        self::assertSame(count($answer['rack']), $pinned['place']);
        self::assertContains(
            $last->id, array_column($this->getJson('/answer?family=spoon')->json('picks'), 'lureId'),
            'also beside another family',
        );

        $last->update(['retired_at' => Carbon::now()]);
        self::assertNotContains($last->id, array_column($this->getJson('/answer')->json('picks'), 'lureId'), 'a retired one is gone');
        $this->putJson('/pinned', ['lure' => null])->assertNoContent();
        self::assertNull($this->getJson('/answer')->json('pinned'));
        $this->putJson('/pinned', ['lure' => Lure::factory()->for($this->angler())->create()->id])->assertNotFound();
        $this->putJson('/pinned', ['lure' => 'gold'])->assertUnprocessable();
    }

    public function test_the_ladder_changes_one_thing_at_a_time_after_so_many_minutes(): void
    {
        $ladder = $this->getJson('/answer')->json('chosen.ladder');
        self::assertCount(3, $ladder);
        self::assertMatchesRegularExpression('/^(change the (finish|weight|cadence) to |move to the |try the )/', $ladder[0]['words']);
        foreach ($ladder as $step) {
            self::assertGreaterThanOrEqual(0, $step['minutes']);
            self::assertNotSame('', $step['title']);
            self::assertSame($step['key'], $this->getJson('/answer?pick='.$step['key'])->json('chosen.key') ?? $step['key']);
        }
        self::assertSame($ladder, array_values(array_unique($ladder, SORT_REGULAR)));
    }

    public function test_bright_metal_refused_today_calls_for_natural(): void
    {
        $natural = Lure::factory()->for($this->angler)->create(['finish' => 'natural']);
        $silver = $this->angler->lures()->where('finish', 'silver')->where('family', 'blade')->sole();
        $said = fn (): ?string => collect(
            $this->getJson(
                '/answer?pick='.collect($this->getJson('/answer')->json('picks'))->firstWhere('lureId', $natural->id)['key'],
            )->json('chosen.reasons'),
        )->firstWhere('rule', 'C8')['text'] ?? null;
        $this->post('/tie-on', ['uuid' => (string) Str::uuid(), 'lure' => $silver->id, 'hole' => 'middle', 'cadence' => 'low_hop']);
        $outing = $this->angler->outings()->sole();
        $this->travel(19)->minutes();
        self::assertNull($said(), 'nineteen minutes are not yet a refusal');
        $this->travel(2)->minutes();
        self::assertSame('21 minutes on bright metal, no bite: try natural.', $said(), 'minutes, not drops, refuse it');
        $this->log($outing->uuid, 'touch');
        self::assertNull($said(), 'a touch is no refusal');
    }

    public function test_the_lure_station_knows_what_is_on_the_line_and_since_when_it_is_quiet(): void
    {
        $this->get('/lure')->assertInertia(fn ($page) => $page->where('tied', null));
        $silver = $this->angler->lures()->where('finish', 'silver')->where('family', 'blade')->sole();
        $this->post('/tie-on', ['uuid' => (string) Str::uuid(), 'lure' => $silver->id, 'hole' => 'middle', 'cadence' => 'low_hop']);
        $tiedAt = Carbon::now()->startOfSecond();
        $this->travelTo($tiedAt->copy()->addMinutes(20));
        $quiet = fn (Carbon $since) => fn ($page) => $page->where('tied.key', "{$silver->id}.middle.low_hop")->where(
            'tied.quietSince',
            fn (string $at): bool => abs(Carbon::parse($at)->diffInSeconds($since)) < 2,
        );
        $this->get('/lure')->assertInertia($quiet($tiedAt));
        $touch = $this->log($this->angler->outings()->sole()->uuid, 'touch');
        $this->get('/lure')->assertInertia($quiet(Carbon::now()));
        $this->deleteJson("/events/{$touch}");
        $this->get('/lure')->assertInertia($quiet($tiedAt));
    }

    public function test_the_pace_of_drops_is_told_once_there_are_enough(): void
    {
        $silver = $this->angler->lures()->where('finish', 'silver')->where('family', 'blade')->sole();
        $this->post('/tie-on', ['uuid' => (string) Str::uuid(), 'lure' => $silver->id, 'hole' => 'middle', 'cadence' => 'low_hop']);
        $outing = $this->angler->outings()->sole();
        $pace = [];
        foreach (range(0, 3) as $i) {
            $this->travel(2)->minutes();
            $pace[] = $this->postJson(
                "/outings/{$outing->uuid}/events",
                ['uuid' => (string) Str::uuid(), 'kind' => 'drop', 'at' => Carbon::now()->toIso8601String()],
            )->assertOk()->json('outing.minutesPerDrop');
        }
        self::assertSame([null, null, 2, 2], $pace);
    }

    private function log(string $outing, string $kind): string
    {
        $uuid = (string) Str::uuid();
        $this->postJson(
            "/outings/{$outing}/events",
            ['uuid' => $uuid, 'kind' => $kind, 'came' => $kind === 'touch' ? 'fall' : null, 'at' => Carbon::now()->toIso8601String()],
        )->assertOk();

        return $uuid;
    }
}
