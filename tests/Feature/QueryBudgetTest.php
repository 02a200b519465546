<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Outing;
use App\Models\Setup;
use App\Models\User;
use Closure;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** How often the database of the demo's angler is asked, a season of 28 outings behind: each thing is read once. */
final class QueryBudgetTest extends TestCase
{
    use RefreshDatabase;

    private User $angler;

    protected function setUp(): void
    {
        parent::setUp();
        $this->artisan('demo:today')->assertSuccessful();
        $this->angler = User::query()->sole();
    }

    /** @return iterable<string, array{int, Closure(): array{string, string, 2?: array<string, mixed>}}> */
    public static function asked(): iterable
    {
        yield 'a tap' => [15, self::tap(...)];
        yield 'a changed reading' => [10, static fn (): array => ['PUT', '/readings', ['readings' => ['depth' => '31 ft']]]];
        yield 'Look back' => [15, static fn (): array => ['GET', '/look-back']];
        yield 'Places' => [20, static fn (): array => ['GET', '/places']];
    }

    /** @param  Closure(): array{string, string, 2?: array<string, mixed>}  $ask */
    #[DataProvider('asked')]
    public function test_each_thing_is_read_once(int $budget, Closure $ask): void
    {
        // As a server that was asked before: what is kept in its cache is there.
        $this->actingAs($this->angler)->get('/lure')->assertOk();
        [$method, $address, $given] = [...$ask(), []];
        // As a request finds it: nothing was loaded before.
        $this->actingAs(User::query()->findOrFail($this->angler->id));
        $asked = [];
        DB::listen(static function (QueryExecuted $query) use (&$asked): void {
            $asked[] = $query->sql;
        });

        $method === 'GET' ? $this->get($address)->assertOk() : $this->json($method, $address, $given)->assertOk();

        self::assertNotSame([], $asked);
        self::assertLessThanOrEqual($budget, count($asked), implode("\n", $asked));
    }

    /** A record of years and the rows of other anglers must not slow a page: what it asks for is found by an index. */
    public function test_no_page_looks_through_a_whole_table(): void
    {
        $this->actingAs($this->angler);
        $tap = self::tap();
        $queries = [];
        DB::listen(static function (QueryExecuted $query) use (&$queries): void {
            if (str_starts_with($query->sql, 'select')) {
                $queries[$query->sql] = $query->bindings;
            }
        });
        foreach ([
            '/lure', '/water', '/rig', '/work', '/fish', '/look-back', '/look-back/trust', '/outings', '/tackle', '/tackle/1', '/gear',
            '/places', '/rules', '/settings', '/this-phone', '/cadences', '/boat-card.html', '/second-look',
        ] as $path) {
            $this->get($path)->assertOk();
        }
        $this->json(...$tap)->assertOk();
        $scans = [];
        foreach ($queries as $sql => $bindings) {
            foreach (DB::select("explain query plan {$sql}", $bindings) as $step) {
                if (preg_match('/^SCAN (?!part|CONSTANT|\(subquery)/', $step->detail) === 1) {
                    $scans[] = "{$step->detail}: {$sql}";
                }
            }
        }

        self::assertGreaterThan(100, count($queries));
        self::assertSame([], $scans);
    }

    /** @return array{string, string, array<string, mixed>} */
    private static function tap(): array
    {
        $outing = Outing::query()->whereNull('ended_at')->sole();

        return ['POST', "/outings/{$outing->uuid}/taps", ['angler' => $outing->user_id, 'taps' => [[
            'uuid' => (string) Str::uuid(), 'do' => 'log', 'kind' => 'touch', 'at' => now()->format('Y-m-d\TH:i:s.vP'),
            'rod' => $outing->user->rodInHand()?->uuid,
            'setup' => Setup::query()->whereNull('until_at')->where('outing_id', $outing->id)->latest('id')->value('uuid'),
        ]]]];
    }
}
