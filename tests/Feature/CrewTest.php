<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Crew;
use App\Models\Outing;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use Inertia\Testing\AssertableInertia as Page;
use Tests\TestCase;

/** A day shared by a code: each logs their own, all see one list, and nothing else of each other. */
final class CrewTest extends TestCase
{
    use RefreshDatabase;

    private User $ines;

    private User $tom;

    protected function setUp(): void
    {
        parent::setUp();
        [$this->ines, $this->tom] = [$this->anglerOnTheLake(), $this->anglerOnTheLake()];
        $this->ines->update(['name' => 'Ines']);
        $this->tom->update(['name' => 'Tom']);
    }

    public function test_who_joins_by_the_code_sees_bites_of_that_outing_and_nothing_else(): void
    {
        $code = $this->share($this->ines);
        $this->log($this->ines, 'drop');
        $this->log($this->ines, 'touch');
        $this->actingAs($this->tom);
        $id = (string) Str::uuid();
        $typed = ' '.mb_strtolower(substr($code, 0, 4).'-'.substr($code, 4)).' ';
        $this->post('/crews/join', ['code' => $typed, 'uuid' => $id])->assertRedirect('/fish');
        $this->post('/crews/join', ['code' => $code, 'uuid' => $id])->assertRedirect('/fish');
        self::assertSame(1, $this->tom->outings()->count(), 'a repeat begins no second one');
        $this->get('/fish')->assertInertia(fn (Page $page) => $page->where('outing.crew.code', null)
            ->where('outing.crew.anglers', ['Ines: 0 landed of 1 bite', 'You: 0 landed of 0 bites'])
            ->has('outing.crew.events', 1)->where('outing.crew.events.0.who', 'Ines')->where('outing.events', []));
        // Theirs cannot be touched, nor looked at whole.
        $theirs = $this->ines->outings()->sole();
        $event = $theirs->events()->firstOrFail();
        foreach ([
            'get' => "/outings/{$theirs->uuid}", 'put' => "/events/{$event->uuid}", 'delete' => "/outings/{$theirs->uuid}",
        ] as $do => $at) {
            $this->{$do.'Json'}($at)->assertNotFound();
        }
        $this->getJson("/outings/{$theirs->uuid}.json")->assertNotFound();
        $this->postJson("/outings/{$theirs->uuid}/taps", ['angler' => auth()->id(),
            'taps' => [['uuid' => $id, 'kind' => 'drop']]])->assertNotFound();
        $this->deleteJson("/outings/{$theirs->uuid}/crew")->assertNotFound();
    }

    public function test_leaving_hides_ones_own_and_who_shares_closes_the_code(): void
    {
        $code = $this->share($this->ines);
        $this->actingAs($this->tom)->post('/crews/join', ['code' => $code, 'uuid' => (string) Str::uuid()]);
        $this->tie($this->tom);
        $this->log($this->tom, 'touch');
        $this->actingAs($this->ines)->get('/fish')->assertInertia(fn (Page $page) => $page->has('outing.crew.events', 1));
        $toms = $this->tom->outings()->sole();
        $this->actingAs($this->tom)->delete("/outings/{$toms->uuid}/crew")->assertRedirect('/fish');
        $this->get('/fish')->assertInertia(fn (Page $page) => $page->where('outing.crew', null)->where('outing.tally.touches', 1));
        $this->actingAs($this->ines)->get('/fish')->assertInertia(fn (Page $page) => $page->has('outing.crew.events', 0)
            ->has('outing.crew.anglers', 1));
        self::assertNull(Crew::query()->sole()->closed_at, 'one who leaves closes nothing');
        $this->delete('/outings/'.$this->ines->outings()->sole()->uuid.'/crew');
        $this->actingAs($this->tom)->post('/crews/join', ['code' => $code, 'uuid' => (string) Str::uuid()])
            ->assertSessionHasErrors(['code' => 'Nothing is shared by that code. Check it, or ask for a new one.']);
    }

    public function test_a_code_ends_with_the_outing_and_a_day_unless_it_is_renewed(): void
    {
        $code = $this->share($this->ines);
        $outing = $this->ines->outings()->sole();
        $join = fn () => $this->actingAs($this->tom)->post('/crews/join', ['code' => $code, 'uuid' => (string) Str::uuid()]);
        $this->actingAs($this->ines)->post("/outings/{$outing->uuid}/end");
        $this->travel(23)->hours();
        $join()->assertSessionHasNoErrors();
        $this->tom->outings()->delete();
        $this->travel(2)->hours();
        $join()->assertSessionHasErrors('code');
        $this->actingAs($this->ines)->post("/outings/{$outing->uuid}/crew");
        $join()->assertSessionHasNoErrors();
        // Who has only joined renews nothing.
        $this->travel(25)->hours();
        $this->actingAs($this->tom)->post("/outings/{$this->tom->outings()->sole()->uuid}/crew");
        $this->tom->outings()->delete();
        $join()->assertSessionHasErrors('code');
    }

    public function test_numbers_of_tags_are_seen_only_where_that_is_said(): void
    {
        $code = $this->share($this->ines);
        $outing = $this->ines->outings()->sole();
        $this->actingAs($this->ines)->postJson("/outings/{$outing->uuid}/events", [
            'uuid' => (string) Str::uuid(), 'kind' => 'fish', 'species' => 'walleye', 'tag' => 'H 1204',
        ])->assertOk();
        $this->actingAs($this->tom)->post('/crews/join', ['code' => $code, 'uuid' => (string) Str::uuid()]);
        $seen = fn (): string => $this->actingAs($this->tom)->get('/fish')->inertiaProps('outing.crew.events.0.words');
        self::assertStringNotContainsString('H 1204', $seen());
        $this->actingAs($this->ines)->putJson("/outings/{$outing->uuid}/crew", ['tags' => 'perhaps'])->assertJsonValidationErrors('tags');
        $this->actingAs($this->ines)->put("/outings/{$outing->uuid}/crew", ['tags' => true])->assertRedirect('/fish');
        self::assertStringContainsString('tag H 1204', $seen());
        $this->actingAs($this->tom)->putJson("/outings/{$outing->uuid}/crew", ['tags' => false])->assertNotFound();
    }

    public function test_a_code_is_not_guessed(): void
    {
        $this->actingAs($this->tom);
        for ($i = 0; $i < 6; $i++) {
            $this->postJson('/crews/join', ['code' => "AAAA000{$i}", 'uuid' => (string) Str::uuid()])->assertStatus(422);
        }
        $this->postJson('/crews/join', ['code' => $this->share($this->ines), 'uuid' => (string) Str::uuid()]);
        $this->actingAs($this->tom)->postJson('/crews/join', ['code' => 'AAAABBBB', 'uuid' => (string) Str::uuid()])->assertStatus(429);
        self::assertSame(0, Outing::query()->where('user_id', $this->tom->id)->count());
    }

    private function share(User $angler): string
    {
        $this->actingAs($angler);
        $this->tie($angler);
        $uuid = $angler->outings()->sole()->uuid;
        $this->post("/outings/{$uuid}/crew")->assertRedirect('/fish');
        $this->post("/outings/{$uuid}/crew")->assertRedirect('/fish');

        return Crew::query()->sole()->code;
    }

    private function tie(User $angler): void
    {
        $this->actingAs($angler)->post('/tie-on', [
            'uuid' => (string) Str::uuid(), 'lure' => $angler->lures()->firstOrFail()->id, 'hole' => 'middle', 'cadence' => 'low_hop',
        ])->assertSessionHasNoErrors();
    }

    private function log(User $angler, string $kind): void
    {
        $this->actingAs($angler)->postJson(
            '/outings/'.$angler->outings()->sole()->uuid.'/events', ['uuid' => (string) Str::uuid(), 'kind' => $kind],
        )->assertOk();
    }
}
