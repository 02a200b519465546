<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Middleware\StartVisit;
use App\Http\WholeFileSessionHandler;
use App\Models\Lure;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Auth\Notifications\ResetPassword;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Notification;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Str;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class AccountsTest extends TestCase
{
    use RefreshDatabase;

    public function test_registering_signs_in_and_leads_to_the_box(): void
    {
        $this->post('/register', ['name' => 'A', 'email' => 'a@example.test', 'password' => 'long enough'])->assertRedirect('/first-day');

        $this->assertAuthenticated();
        self::assertNotSame('long enough', User::query()->sole()->password);
    }

    public function test_bad_registrations_say_why(): void
    {
        $this->angler()->update(['email' => 'a@example.test']);

        $this->post('/register', ['name' => '', 'email' => 'a@example.test', 'password' => 'short'])->assertSessionHasErrors([
            'name' => 'Fill in your name.',
            'email' => 'There is an account with this e-mail already. Sign in instead.',
            'password' => 'A password needs at least 10 characters.',
        ]);
        $this->assertGuest();
    }

    public function test_signing_in_and_out(): void
    {
        $angler = $this->angler();
        $this->post(
            '/sign-in', ['email' => $angler->email, 'password' => 'wrong'],
        )->assertSessionHasErrors(['email' => 'E-mail and password don\'t match.']);
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

    public function test_an_address_that_is_not_known_takes_as_much_work_as_a_wrong_password(): void
    {
        User::factory()->create(['email' => 'known@example.test']);
        $hasher = Hash::spy();
        $this->post('/sign-in', ['email' => 'unknown@example.test', 'password' => 'not this one'])->assertSessionHasErrors('email');
        $hasher->shouldHaveReceived('make')->once();
        $this->post('/sign-in', ['email' => 'known@example.test', 'password' => 'not this one'])->assertSessionHasErrors('email');
        $hasher->shouldHaveReceived('check')->once();
    }

    public function test_what_is_asked_for_beside_a_page_is_not_where_one_wanted_to_go(): void
    {
        $angler = $this->angler();
        $angler->update(['password' => 'a long password']);
        $this->withSession(['seen' => true])->withCookie('eskith_session', session()->getId());
        $this->get('/rig', ['Accept' => 'text/html'])->assertRedirect('/sign-in');
        $this->get('/places', ['Accept' => '*/*'])->assertRedirect('/sign-in');
        $this->post('/sign-in', ['email' => $angler->email, 'password' => 'a long password'])->assertRedirect('/rig');
    }

    public function test_signing_out_clears_what_the_browser_remembers_of_pages(): void
    {
        $this->actingAs($this->angler());
        self::assertTrue($this->get('/lure')->inertiaPage()['encryptHistory'] ?? false);
        $this->post('/sign-out')->assertRedirect('/sign-in');
        self::assertTrue($this->get('/sign-in')->inertiaPage()['clearHistory'] ?? false);
    }

    public function test_writes_are_bounded_in_a_minute_far_above_any_thumb_and_told_when_to_go_on(): void
    {
        config(['eskith.writes_a_minute' => 3, 'eskith.often_a_minute' => 5]);
        $this->actingAs($angler = $this->anglerOnTheLake());
        for ($i = 0; $i < 3; $i++) {
            $this->putJson('/pinned', ['lure' => $angler->lures()->firstOrFail()->id])->assertSuccessful();
        }
        $answer = $this->putJson('/pinned', ['lure' => null])->assertStatus(429);
        self::assertMatchesRegularExpression('/^That was a lot at once\. Go on in \d+ s; nothing is lost\.$/', $answer->json('message'));
        self::assertGreaterThan(0, (int) $answer->headers->get('Retry-After'));
        // Taps are counted by themselves, looking is not, and another angler has their own.
        for ($i = 0; $i < 5; $i++) {
            $this->postJson('/outings/'.Str::uuid().'/taps', ['angler' => $angler->id,
                'taps' => []])->assertNotFound()->assertJsonPath('goes', 'gone');
        }
        $this->postJson('/outings/'.Str::uuid().'/taps', ['angler' => $angler->id, 'taps' => []])->assertStatus(429);
        $this->get('/lure')->assertOk();
        $this->actingAs($this->angler())->putJson('/pinned', ['lure' => null])->assertSuccessful();
        $this->travel(61)->seconds();
        $this->actingAs($angler)->putJson('/pinned', ['lure' => null])->assertSuccessful();
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
            ->where('answer.boxCount', 24)->where(
                'answer.headline', 'Tie on the white half-ounce blade',
            )->has('answer.picks', 10)->has('tied.quietSince'));
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
        $this->actingAs($mine)->post(
            '/tie-on',
            ['uuid' => fake()->uuid(), 'lure' => $mine->lures()->firstOrFail()->id, 'hole' => 'middle', 'cadence' => 'low_hop'],
        );
        $outing = $mine->outings()->sole();
        $this->postJson("/outings/{$outing->uuid}/events", ['uuid' => fake()->uuid(), 'kind' => 'drop'])->assertOk();
        $event = $mine->events()->sole();
        $lure = $mine->lures()->firstOrFail();

        $this->actingAs($this->angler());
        $this->postJson("/outings/{$outing->uuid}/events", ['uuid' => fake()->uuid(), 'kind' => 'drop'])->assertNotFound();
        $this->post("/outings/{$outing->uuid}/end")->assertNotFound();
        $this->deleteJson("/events/{$event->uuid}")->assertNotFound();
        $this->patchJson(
            '/lures', ['each' => [['id' => $lure->id, 'version' => 1, 'set' => ['retired' => true]]]],
        )->assertStatus(422)->assertJsonPath('message', 'One of these lures is not in your box.');
        $this->post("/lures/{$lure->id}/duplicate")->assertNotFound();
        $this->post(
            '/tie-on', ['uuid' => fake()->uuid(), 'lure' => $lure->id, 'hole' => 'middle', 'cadence' => 'low_hop'],
        )->assertSessionHasErrors('lure');

        self::assertNull($event->refresh()->undone_at);
        self::assertNull($outing->refresh()->ended_at);
        self::assertNull(Lure::query()->findOrFail($lure->id)->retired_at);
    }

    public function test_trouble_is_told_in_a_sentence_and_never_with_a_trace(): void
    {
        $this->actingAs($this->angler());
        $this->get('/no-such-place')->assertNotFound()->assertInertia(
            fn (AssertableInertia $page) => $page->component('Trouble')->where('sentence', 'There is nothing at this address.'),
        );
        $this->getJson('/no-such-place')->assertNotFound()->assertExactJson(['message' => 'There is nothing at this address.']);
    }

    public function test_everything_is_asked_to_come_from_here(): void
    {
        self::assertStringContainsString("default-src 'self'", (string) $this->get('/sign-in')->headers->get('Content-Security-Policy'));
    }

    public function test_an_address_is_the_same_in_any_case(): void
    {
        $this->post('/register', ['name' => 'A', 'email' => ' Perch@Example.TEST', 'password' => 'long enough'])
            ->assertRedirect('/first-day');
        self::assertSame('perch@example.test', User::query()->sole()->email);
        $this->post('/sign-out');
        $this->post(
            '/register', ['name' => 'B', 'email' => 'perch@EXAMPLE.test', 'password' => 'long enough'],
        )->assertSessionHasErrors('email');
        $this->post('/sign-in', ['email' => 'PERCH@example.test', 'password' => 'long enough'])->assertRedirect('/');
        $this->assertAuthenticated();
    }

    public function test_an_account_from_before_with_a_spelling_of_its_own_still_signs_in(): void
    {
        $this->angler()->update(['email' => 'Zander@example.test']);
        $this->post('/sign-in', ['email' => 'Zander@example.test', 'password' => 'a long password'])->assertRedirect('/');
        $this->assertAuthenticated();
    }

    /** @return iterable<string, array{string, string}> */
    public static function passwords(): iterable
    {
        yield 'short' => ['nine char', 'A password needs at least 10 characters.'];
        yield 'longer than is read' => [str_repeat('é', 37), 'A password holds at most 72 characters (fewer with accents). Shorten it.'];
        yield 'common' => ['Basketball', 'That is one of the commonest passwords, tried first by anyone who guesses. Choose another.'];
        yield 'a null byte' => ["long enough\0", 'There are characters in this that can\'t be read. Type it again.'];
    }

    #[DataProvider('passwords')]
    public function test_passwords_that_are_refused(string $password, string $sentence): void
    {
        $this->post(
            '/register', ['name' => 'A', 'email' => 'a@example.test', 'password' => $password],
        )->assertSessionHasErrors(['password' => $sentence]);
        self::assertSame(0, User::query()->count());
    }

    public function test_a_password_of_exactly_72_bytes_is_taken_and_wholly_read(): void
    {
        $password = str_repeat('x', 71).'y';
        $this->post('/register', ['name' => 'A', 'email' => 'a@example.test', 'password' => $password])->assertRedirect('/first-day');
        $this->post('/sign-out');
        $this->post('/sign-in', ['email' => 'a@example.test', 'password' => str_repeat('x', 72)])->assertSessionHasErrors('email');
        $this->post('/sign-in', ['email' => 'a@example.test', 'password' => $password])->assertRedirect('/');
    }

    public function test_a_changed_password_signs_out_other_devices(): void
    {
        $this->actingAs($angler = $this->angler());
        $this->get('/lure')->assertOk();
        $theirs = $this->app->make('session')->all();
        $this->put(
            '/account/password', ['current' => 'wrong', 'password' => 'quite another one'],
        )->assertSessionHasErrors(['current' => 'That is not your password.']);
        $this->put('/account/password', ['current' => 'a long password', 'password' => 'quite another one'])->assertSessionHasNoErrors();
        $this->get('/lure')->assertOk();
        self::assertTrue(Hash::check('quite another one', $angler->refresh()->password));

        $this->app->make('session')->flush();
        $this->app->make('session')->replace($theirs);
        Auth::forgetGuards();
        $this->get('/lure')->assertRedirect('/sign-in');
    }

    public function test_other_devices_are_signed_out_with_the_password(): void
    {
        $this->actingAs($this->angler());
        $this->get('/lure')->assertOk();
        $theirs = $this->app->make('session')->all();
        $this->post('/account/sign-out-others', ['others' => 'wrong'])->assertSessionHasErrors('others');
        $this->post('/account/sign-out-others', ['others' => 'a long password'])->assertSessionHasNoErrors();
        $this->get('/lure')->assertOk();

        $this->app->make('session')->flush();
        $this->app->make('session')->replace($theirs);
        Auth::forgetGuards();
        $this->get('/lure')->assertRedirect('/sign-in');
    }

    public function test_a_forgotten_password_is_set_anew_by_mail(): void
    {
        Notification::fake();
        $this->angler()->update(['email' => 'perch@example.test']);
        $same = 'If there is an account with this e-mail, a letter is on its way. It is good for an hour.';
        $this->post('/forgot-password', ['email' => 'nobody@example.test'])->assertSessionHas('said', $same);
        $this->post('/forgot-password', ['email' => 'Perch@example.test'])->assertSessionHas('said', $same);
        $angler = User::query()->sole();
        $letter = Notification::sent($angler, ResetPassword::class)->sole()->toMail($angler);
        preg_match('#reset-password/(\w+)\?email=#', (string) $letter->render(), $found);
        self::assertStringContainsString(rtrim((string) config('app.url'), '/').'/reset-password/', (string) $letter->render());
        $this->get("/reset-password/{$found[1]}?email=perch@example.test")->assertOk();

        $this->post(
            '/reset-password', ['token' => 'other', 'email' => 'perch@example.test', 'password' => 'quite another one'],
        )->assertSessionHasErrors('email');
        $this->post(
            '/reset-password', ['token' => $found[1], 'email' => 'PERCH@example.test', 'password' => 'quite another one'],
        )->assertRedirect('/');
        $this->assertAuthenticatedAs($angler);
        $this->post('/sign-out');
        $this->post(
            '/reset-password', ['token' => $found[1], 'email' => 'perch@example.test', 'password' => 'and yet another'],
        )->assertSessionHasErrors('email');
    }

    public function test_a_password_is_set_anew_on_the_command_line(): void
    {
        $angler = $this->angler();
        Artisan::call('angler:reset-password', ['email' => mb_strtoupper($angler->email)]);
        preg_match('/ is (\S+)/', Artisan::output(), $found);
        $this->post('/sign-in', ['email' => $angler->email, 'password' => $found[1]])->assertRedirect('/');
        $this->artisan(
            'angler:reset-password', ['email' => 'nobody@example.test'],
        )->expectsOutput('There is no angler with this e-mail.')->assertFailed();
    }

    public function test_the_demo_is_opened_only_so_often_a_minute(): void
    {
        config(['eskith.demo' => true]);
        $this->seed(DemoSeeder::class);
        for ($i = 0; $i < 20; $i++) {
            $this->post('/demo')->assertRedirect('/');
            $this->post('/sign-out');
        }
        $this->post('/demo')->assertStatus(429);
    }

    public function test_visitors_without_a_cookie_leave_nothing_behind_and_still_sign_in(): void
    {
        $folder = sys_get_temp_dir().'/eskith-visits-'.bin2hex(random_bytes(4));
        mkdir($folder);
        config(['session.driver' => 'file', 'session.files' => $folder]);
        $angler = $this->angler();
        $asked = $this->get('/water?temp=38');
        $asked->assertRedirect('/sign-in');
        $page = $this->get('/sign-in')->assertOk();
        self::assertSame([], glob("{$folder}/*"));

        // The form token that came with the first page fits the visit whose id came with it, though nothing was stored.
        $id = $page->getCookie('eskith_session')?->getValue();
        $wanted = $asked->getCookie(StartVisit::WANTED)?->getValue();
        $this->app->forgetInstance('session');
        $this->app->forgetInstance('session.store');
        $this->withCookies(['eskith_session' => (string) $id, StartVisit::WANTED => (string) $wanted])
            ->post(
                '/sign-in',
                ['_token' => $page->getCookie('XSRF-TOKEN')?->getValue(), 'email' => $angler->email, 'password' => 'a long password'],
            )
            ->assertRedirect((string) $wanted);
        self::assertStringEndsWith('/water?temp=38', (string) $wanted);
        self::assertCount(1, glob("{$folder}/*") ?: []);
        exec('rm -rf '.escapeshellarg($folder));
    }

    public function test_a_visit_is_put_in_place_whole(): void
    {
        $folder = sys_get_temp_dir().'/eskith-visits-'.bin2hex(random_bytes(4));
        mkdir($folder);
        $visits = new WholeFileSessionHandler($this->app->make('files'), $folder, 10);
        $visits->write('visit', 'as it was');
        $open = fopen("{$folder}/visit", 'r');
        self::assertIsResource($open);
        $visits->write('visit', 'as it is');

        // Whoever reads the old file still has all of it: it was not emptied to be written anew.
        self::assertSame('as it was', stream_get_contents($open));
        self::assertSame('as it is', $visits->read('visit'));
        self::assertSame(['visit'], array_map(basename(...), glob("{$folder}/*") ?: []));
        self::assertInstanceOf(WholeFileSessionHandler::class, Session::driver('file')->getHandler());
        exec('rm -rf '.escapeshellarg($folder));
    }

    public function test_a_visit_that_changes_nothing_is_stored_only_now_and_then(): void
    {
        $folder = sys_get_temp_dir().'/eskith-visits-'.bin2hex(random_bytes(4));
        mkdir($folder);
        config(['session.driver' => 'file', 'session.files' => $folder]);
        $this->app->forgetInstance('session');
        $this->app->forgetInstance('session.store');
        $this->actingAs($this->anglerOnTheLake());
        $this->get('/lure')->assertOk();
        [$file] = glob("{$folder}/*") ?: [''];
        $this->withCredentials()->withCookie('eskith_session', basename($file));
        $storedAgain = static function (callable $ask) use ($file): bool {
            touch($file, time() - 60);
            clearstatcache();
            $before = filemtime($file);
            $ask();
            clearstatcache();

            return filemtime($file) !== $before;
        };
        $answer = fn () => $this->getJson('/answer', ['X-Requested-With' => 'XMLHttpRequest'])->assertOk();
        $answer();

        self::assertFalse($storedAgain($answer), 'nothing changed');
        self::assertTrue($storedAgain(fn () => $this->get('/water')->assertOk()), 'another page to go back to');
        $this->travel(11)->minutes();
        self::assertTrue($storedAgain($answer), 'to be seen alive');
        self::assertFalse($storedAgain($answer));
        $this->from('/settings')->put('/settings', ['theme' => 'plaid'])->assertSessionHasErrors('theme');
        self::assertFalse($storedAgain($answer), 'what was refused is told on the page, and waits for it');
        self::assertTrue($storedAgain(fn () => $this->get('/settings')->assertOk()), 'where it is told, and gone');
        self::assertFalse($storedAgain(fn () => $this->get('/settings')->assertOk()));
        exec('rm -rf '.escapeshellarg($folder));
    }
}
