<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Lure;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class AccountsTest extends TestCase
{
    use RefreshDatabase;

    public function test_registering_signs_in_and_leads_to_the_box(): void
    {
        $this->post('/register', ['name' => 'A', 'email' => 'a@example.test', 'password' => 'long enough'])->assertRedirect('/tackle');

        $this->assertAuthenticated();
        self::assertNotSame('long enough', User::query()->sole()->password);
    }

    public function test_bad_registrations_say_why(): void
    {
        $this->angler()->update(['email' => 'a@example.test']);

        $this->post('/register', ['name' => '', 'email' => 'a@example.test', 'password' => 'short'])->assertSessionHasErrors([
            'name' => 'Fill in your name.',
            'email' => 'There is an account with this e-mail already; sign in instead.',
            'password' => 'A password needs at least 8 characters.',
        ]);
        $this->assertGuest();
    }

    public function test_signing_in_and_out(): void
    {
        $angler = $this->angler();
        $this->post('/sign-in', ['email' => $angler->email, 'password' => 'wrong'])->assertSessionHasErrors(['email' => 'E-mail and password do not belong together.']);
        $this->assertGuest();
        $this->post('/sign-in', ['email' => $angler->email, 'password' => 'a long password'])->assertRedirect('/');
        $this->assertAuthenticatedAs($angler);
        $this->post('/sign-out')->assertRedirect('/sign-in');
        $this->assertGuest();
    }

    public function test_guessing_passwords_is_slowed_down(): void
    {
        $angler = $this->angler();
        for ($i = 0; $i < 6; $i++) {
            $this->post('/sign-in', ['email' => $angler->email, 'password' => "guess {$i}"])->assertStatus(302);
        }
        $this->post('/sign-in', ['email' => $angler->email, 'password' => 'a long password'])->assertStatus(429);
        $this->assertGuest();
    }

    public function test_the_demo_opens_only_in_demo_mode(): void
    {
        $this->post('/demo')->assertNotFound();
        $this->assertGuest();

        config(['eskith.demo' => true]);
        $this->seed(DemoSeeder::class);
        $this->post('/demo')->assertRedirect('/');
        $this->assertAuthenticated();
        $this->get('/')->assertInertia(fn (AssertableInertia $page) => $page->component('Lure')
            ->where('answer.boxCount', 24)->where('answer.headline', 'Tie on the white half-ounce blade')->has('answer.picks', 10)->has('tied.quietSince'));
    }

    /** @return iterable<string, array{string}> */
    public static function pages(): iterable
    {
        foreach (['/', '/water', '/lure', '/rig', '/work', '/fish', '/look-back', '/tackle', '/places', '/settings', '/answer'] as $path) {
            yield $path => [$path];
        }
    }

    #[DataProvider('pages')]
    public function test_every_page_is_for_those_signed_in_and_answers_even_with_nothing_in_it(string $path): void
    {
        $this->get($path)->assertRedirect('/sign-in');
        $this->actingAs($this->angler())->get($path)->assertOk();
    }

    public function test_what_is_another_anglers_does_not_exist(): void
    {
        $mine = $this->anglerOnTheLake();
        $this->actingAs($mine)->post('/tie-on', ['uuid' => fake()->uuid(), 'lure' => $mine->lures()->firstOrFail()->id, 'hole' => 'middle', 'cadence' => 'low_hop']);
        $outing = $mine->outings()->sole();
        $this->postJson("/outings/{$outing->uuid}/events", ['uuid' => fake()->uuid(), 'kind' => 'drop'])->assertOk();
        $event = $mine->events()->sole();
        $lure = $mine->lures()->firstOrFail();

        $this->actingAs($this->angler());
        $this->postJson("/outings/{$outing->uuid}/events", ['uuid' => fake()->uuid(), 'kind' => 'drop'])->assertNotFound();
        $this->post("/outings/{$outing->uuid}/end")->assertNotFound();
        $this->deleteJson("/events/{$event->uuid}")->assertNotFound();
        $this->patchJson('/lures', ['each' => [['id' => $lure->id, 'set' => ['retired' => true]]]])->assertStatus(422)->assertJsonPath('message', 'One of these lures is not in your box.');
        $this->post("/lures/{$lure->id}/duplicate")->assertNotFound();
        $this->post('/tie-on', ['uuid' => fake()->uuid(), 'lure' => $lure->id, 'hole' => 'middle', 'cadence' => 'low_hop'])->assertSessionHasErrors('lure');

        self::assertNull($event->refresh()->undone_at);
        self::assertNull($outing->refresh()->ended_at);
        self::assertNull(Lure::query()->findOrFail($lure->id)->retired_at);
    }

    public function test_trouble_is_told_in_a_sentence_and_never_with_a_trace(): void
    {
        $this->actingAs($this->angler());
        $this->get('/no-such-place')->assertNotFound()->assertInertia(fn (AssertableInertia $page) => $page->component('Trouble')->where('sentence', 'There is nothing at this address.'));
        $this->getJson('/no-such-place')->assertNotFound()->assertExactJson(['message' => 'There is nothing at this address.']);
    }

    public function test_everything_is_asked_to_come_from_here(): void
    {
        self::assertStringContainsString("default-src 'self'", (string) $this->get('/sign-in')->headers->get('Content-Security-Policy'));
    }
}
