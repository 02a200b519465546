<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Middleware\OwnHostsOnly;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Support\Facades\Vite;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Exception\SuspiciousOperationException;
use Tests\TestCase;

/** What every answer says to the browser, and under which names it answers at all. */
final class HeadersTest extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        // A server begins every request without names; here they would stay from the test before.
        Request::setTrustedHosts([]);
    }

    protected function tearDown(): void
    {
        Request::setTrustedHosts([]);
        Request::setTrustedProxies([], -1);
        parent::tearDown();
    }

    /** @return iterable<string, array{string, int}> */
    public static function answers(): iterable
    {
        yield 'a page' => ['/lure', 200];
        yield 'a redirect' => ['/sign-in', 302];
        yield 'nothing there' => ['/no-such-place', 404];
        yield 'a bad question' => ['/answer?temp=soup', 422];
        yield 'an address that can\'t be read' => ['/lure?temp=%ff', 400];
        yield 'a file' => ['/box.csv', 200];
    }

    #[DataProvider('answers')]
    public function test_every_answer_keeps_to_itself(string $path, int $status): void
    {
        $answer = $this->actingAs($this->anglerOnTheLake())->get($path)->assertStatus($status);
        $policy = (string) $answer->headers->get('Content-Security-Policy');
        self::assertStringContainsString("default-src 'self'", $policy);
        self::assertStringNotContainsString('unsafe-inline', $policy);
        self::assertMatchesRegularExpression("/style-src 'self' 'nonce-[\\w+\\/=]{16}'/", $policy);
        self::assertSame('SAMEORIGIN', $answer->headers->get('X-Frame-Options'));
        self::assertStringContainsString('geolocation=(self)', (string) $answer->headers->get('Permissions-Policy'));
        self::assertStringContainsString('accelerometer=(self)', (string) $answer->headers->get('Permissions-Policy'));
        self::assertStringContainsString('screen-wake-lock=(self)', (string) $answer->headers->get('Permissions-Policy'));
        self::assertStringContainsString('magnetometer=(self)', (string) $answer->headers->get('Permissions-Policy'));
        self::assertStringContainsString('camera=()', (string) $answer->headers->get('Permissions-Policy'));
        self::assertStringContainsString('no-store', (string) $answer->headers->get('Cache-Control'));
        self::assertFalse($answer->headers->has('X-Powered-By'));
    }

    public function test_styles_of_a_page_carry_the_nonce_of_its_answer(): void
    {
        $this->actingAs($this->anglerOnTheLake());
        foreach ([
            '/lure' => '/<meta name="style-nonce" content="([^"]+)">/', '/boat-card.html' => '/<style nonce="([^"]+)">/',
        ] as $path => $where) {
            $answer = $this->get($path)->assertOk();
            preg_match($where, (string) $answer->getContent(), $found);
            self::assertStringContainsString(
                "'nonce-".html_entity_decode($found[1])."'", (string) $answer->headers->get('Content-Security-Policy'),
            );
            self::assertStringNotContainsString(' style="', (string) $answer->getContent());
        }
    }

    /** @return iterable<string, array{string, int}> */
    public static function hosts(): iterable
    {
        yield 'somebody else' => ['evil.example', 400];
        yield 'a name given' => ['lake.example.test', 302];
        yield 'a name given with a star' => ['a.boat.example.test', 302];
        yield 'a star is one part' => ['a.b.boat.example.test', 400];
        yield 'a name given and more' => ['lake.example.test.evil.example', 400];
        yield 'this machine' => ['localhost', 302];
    }

    #[DataProvider('hosts')]
    public function test_a_forged_host_is_refused_and_steers_nothing(string $host, int $status): void
    {
        config(['eskith.hosts' => 'lake.example.test, *.boat.example.test']);
        $answer = $this->get("http://{$host}/lure")->assertStatus($status);
        self::assertStringNotContainsString('evil', (string) $answer->headers->get('Location'));
        self::assertNotNull($answer->headers->get('X-Frame-Options'));
    }

    public function test_a_port_that_is_not_answered_on_is_refused(): void
    {
        config(['app.url' => 'http://lake.example.test:8080', 'eskith.hosts' => 'boat.example.test:9000']);
        $goesOn = static function (string $host): bool {
            $request = Request::create('http://localhost/lure');
            $request->server->set('SERVER_PORT', '8000');
            $request->headers->set('Host', $host);
            try {
                return (new OwnHostsOnly(app()))->handle($request, static fn (): bool => true);
            } catch (SuspiciousOperationException) {
                return false;
            }
        };
        self::assertSame([true, true, true, false, false, true], array_map($goesOn, [
            'localhost:8000', 'lake.example.test:8080', 'boat.example.test:9000', 'localhost:6666', 'lake.example.test:9000', 'localhost',
        ]));
    }

    public function test_https_is_asked_for_again_where_it_was_used_once(): void
    {
        self::assertNull($this->get('/sign-in')->headers->get('Strict-Transport-Security'));
        self::assertSame('max-age=31536000', $this->get('https://localhost/sign-in')->headers->get('Strict-Transport-Security'));
    }

    public function test_a_forwarded_host_counts_only_from_a_trusted_proxy(): void
    {
        config(['eskith.hosts' => 'lake.example.test']);
        $forwarded = ['X-Forwarded-Host' => 'lake.example.test', 'X-Forwarded-Proto' => 'https'];
        self::assertStringStartsWith(
            'http://localhost', (string) $this->get('http://localhost/lure', $forwarded)->headers->get('Location'),
        );
        config(['trustedproxy.proxies' => '127.0.0.1']);
        self::assertSame('https://lake.example.test/sign-in', $this->get('http://localhost/lure', $forwarded)->headers->get('Location'));
    }

    public function test_a_form_is_never_sent_back_to_somebody_elses_page(): void
    {
        $this->actingAs($this->angler());
        $this->post('/spots', [], ['Referer' => 'https://evil.example/page'])->assertRedirect('/');
        $this->post('/spots', [], ['Referer' => 'http://localhost:6666/page'])->assertRedirect('/');
        $this->post('/spots', [], ['Referer' => url('/water')])->assertRedirect(url('/water'));
    }

    public function test_nothing_is_served_from_the_storage_folder(): void
    {
        $paths = array_map(static fn (Route $route): string => $route->uri(), Routes::getRoutes()->getRoutes());
        self::assertSame([], array_values(array_filter($paths, static fn (string $path): bool => str_starts_with($path, 'storage'))));
    }

    public function test_scripts_under_development_are_admitted_in_development_alone(): void
    {
        $hot = tempnam(sys_get_temp_dir(), 'hot') ?: self::fail();
        file_put_contents($hot, "http://127.0.0.1:5173\n");
        $this->withVite()->actingAs($this->angler());
        $policy = fn (): string => (string) $this->getJson('/answer')->assertOk()->headers->get('Content-Security-Policy');
        Vite::useHotFile($hot);
        try {
            $usual = $policy();
            self::assertStringNotContainsString('5173', $usual, 'whatever lies in the folder');
            $this->app?->detectEnvironment(static fn (): string => 'local');
            $admits = $policy();
            self::assertMatchesRegularExpression(
                "~^default-src 'self'; script-src 'self' "
                    ."http://127\\.0\\.0\\.1:5173 'nonce-[\\w+/=]+'; font-src 'self' http://127\\.0\\.0\\.1:5173; "
                    ."connect-src 'self' http://127\\.0\\.0\\.1:5173 ws://127\\.0\\.0\\.1:5173; style-src 'self' 'nonce-~",
                $admits,
            );
            self::assertStringNotContainsString('unsafe', $admits);
            unlink($hot);
            self::assertStringNotContainsString('5173', $policy(), 'while no such server runs');
        } finally {
            @unlink($hot);
        }
    }
}
