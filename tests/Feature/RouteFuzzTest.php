<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Random\Randomizer;
use ReflectionClass;
use ReflectionMethod;
use ReflectionNamedType;
use Tests\TestCase;

/**
 * Every route under nonsense: its parameters and fields, as found in the code that reads them, filled with good and bad
 * values. Nothing ends in a failure of ours, and whatever is kept afterwards, every page still opens.
 */
final class RouteFuzzTest extends TestCase
{
    use RefreshDatabase;

    /** As many as ESKITH_FUZZ says when it is set, as .ci/run does. */
    private const REQUESTS = 1200;

    private const SEED = 1125;

    private Randomizer $random;

    private User $angler;

    public function test_no_route_fails_whatever_it_is_sent(): void
    {
        $this->random = new Randomizer(new Mt19937(self::SEED));
        $this->angler = $this->anglerOnTheLake();
        config(['eskith.demo' => true]);
        $routes = $this->routes();
        self::assertGreaterThan(60, count($routes));
        $failed = [];
        $statuses = [];
        $requests = max(self::REQUESTS, (int) getenv('ESKITH_FUZZ'));
        for ($i = 0; $i < $requests; $i++) {
            [$method, $route] = $routes[$i % count($routes)];
            [$address, $fields, $how] = $this->request($route);
            $answer = $this->sent($method, $address, $fields, $how);
            $statuses[$answer->getStatusCode()] = ($statuses[$answer->getStatusCode()] ?? 0) + 1;
            if ($answer->getStatusCode() >= 500) {
                $why = $answer->exception;
                $failed["{$method} {$route->uri()}"] = "{$method} {$address} ".json_encode(
                    $fields, JSON_PARTIAL_OUTPUT_ON_ERROR,
                )." ({$how}): ".(
                    $why === null ? '' : $why::class." {$why->getMessage()} at {$why->getFile()}:{$why->getLine()}"
                );
            }
        }
        self::assertSame([], $failed, (string) json_encode($statuses));
        self::assertGreaterThan(100, $statuses[200] ?? 0, 'some of it is sense');

        foreach ([
            '/lure', '/water', '/fish', '/tackle', '/gear', '/rules', '/boat-card', '/boat-card.pdf', '/settings', '/account', '/places',
            '/box.csv', '/account/archive.zip',
        ] as $page) {
            $this->actingAs($this->angler->refresh())->get($page)->assertOk();
        }
    }

    /** @return list<array{string, Route}> */
    private function routes(): array
    {
        $routes = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            foreach (array_diff($route->methods(), ['HEAD', 'OPTIONS']) as $method) {
                $routes[] = [$method, $route];
            }
        }

        return $routes;
    }

    /** @return array{string, array<string, mixed>, string} address, fields and how they are sent */
    private function request(Route $route): array
    {
        $address = preg_replace_callback(
            '/\{[^}]+\}/',
            fn (): string => rawurlencode(
                (string) $this->pick([...$this->ids(), 'x', '0', '-1', '99999999999999999999', "\0", "\xff", '..', 'F1']),
            ),
            $route->uri(),
        ) ?? '';
        $names = $this->names($route);
        $fields = [];
        foreach ($names === [] ? [] : $this->random->pickArrayKeys($names, $this->random->getInt(1, count($names))) as $key) {
            $fields[$names[$key]] = $this->random->getInt(0, 2) > 0 ? $this->likely($names[$key]) : $this->value(2);
        }

        return ['/'.ltrim($address, '/'), $fields, $this->pick(['query', 'form', 'json', 'json', 'raw', 'file'])];
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function sent(string $method, string $address, array $fields, string $how): \Illuminate\Testing\TestResponse
    {
        // What slows guessing down is tested elsewhere; here it would only hide what lies behind.
        Cache::flush();
        $this->random->getInt(0, 9) === 0 ? $this->app->make('auth')->forgetGuards() : $this->actingAs($this->angler);
        $asks = $this->random->getInt(0, 1) === 1 ? ['HTTP_ACCEPT' => 'application/json'] : [];
        $text = fn (mixed $value): mixed => is_float($value) || is_bool($value)
            ? (string) json_encode($value, JSON_PARTIAL_OUTPUT_ON_ERROR)
            : $value;
        if ($method === 'GET' || $how === 'query') {
            // An address carries single texts; with anything else it is refused before a route sees it, which a few shall show.
            $single = $this->random->getInt(0, 9) === 0
                ? $fields
                : array_filter($fields, static fn (mixed $value): bool => ! is_array($value));

            return $this->call($method, $address.'?'.http_build_query(array_map($text, $single)), server: $asks);
        }
        if ($how === 'json' || $how === 'raw') {
            $body = $how === 'json'
                ? (string) json_encode($fields, JSON_INVALID_UTF8_IGNORE | JSON_PARTIAL_OUTPUT_ON_ERROR)
                : $this->pick(
                    ['{', 'null', '7', '"x"', "\xff\xfe", str_repeat('[', 600), '{"each":{"id":1}}', '{"readings":{"temp":1e309}}'],
                );

            return $this->call(
                $method, $address, server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
                content: $body,
            );
        }
        $bytes = (string) $this->pick(
            [
                '', "family,weight,finish\nblade,1/2 oz,gold\n", '{"lures":[{"family":7}]}', "\xff\xfe\0",
                '{"format":"eskith-rules","version":1,"weights":{"F1":[1]},"own":[[],7]}', "PK\x03\x04", '"', "a\rb\r",
            ],
        );
        $files = $how === 'file' ? ['file' => UploadedFile::fake()->createWithContent('file', $bytes)] : [];

        return $this->call($method, $address, array_map($text, $fields), files: $files, server: $asks);
    }

    /** @return list<string> every quoted word of the code that a route runs: the names of what it reads are among them */
    private function names(Route $route): array
    {
        static $known = [];
        $action = $route->getActionName();
        if (isset($known[$action])) {
            return $known[$action];
        }
        [$class, $method] = [...explode('@', $action), '__invoke'];
        // The page that the bench measures against has no class.
        if (! class_exists($class) || $class === \Closure::class) {
            return $known[$action] = [];
        }
        $texts = [self::source(new ReflectionClass($class))];
        foreach ((new ReflectionMethod($class, $method))->getParameters() as $parameter) {
            $type = $parameter->getType();
            $name = $type instanceof ReflectionNamedType ? $type->getName() : '';
            if (str_starts_with($name, 'App\\Http\\Requests')) {
                $texts[] = self::source(new ReflectionClass($name));
            }
        }
        preg_match_all("/'([a-z][a-z_]{1,24})(?:\\.[*a-z_.]+)?'/", implode("\n", $texts), $found);

        return $known[$action] = array_values(array_unique($found[1]));
    }

    /** @param  ReflectionClass<object>  $class */
    private static function source(ReflectionClass $class): string
    {
        return (string) file_get_contents((string) $class->getFileName());
    }

    /** What a field of this name is usually given, where that is known. */
    private function likely(string $name): mixed
    {
        [$lure] = $this->ids();

        return match ($name) {
            'uuid' => (string) Str::uuid(),
            'pick', 'a',
            'b' => "{$lure}.".$this->pick(['front', 'middle', 'back', '', 'fifth']).'.'.$this->pick(['short_pop', 'low_hop', 'tango', '']),
            'lure' => $lure,
            'each' => [
                [
                    'id' => $lure, 'version' => $this->random->getInt(1, 3),
                    'set' => [(string) $this->pick(['finish', 'weight', 'notes', 'hooks', 'build', 'holes', 'red']) => $this->value(1)],
                    'saw' => [],
                ],
            ],
            'readings' => [
                (string) $this->pick(['temp', 'depth', 'drift', 'wind', 'clarity', 'food', 'species', 'nothing']) => $this->pick(
                    [null, '4 °C', '26 ft', '0.3 mph', 'stained', 'perch,shad', 'walleye', '1e9 ft', '-1'],
                ),
            ],
            'when' => [
                ['reading' => $this->pick(['temp', 'depth', 'light', 7]), 'from' => $this->value(0), 'to' => '9 m', 'any' => ['dim']],
            ],
            'lures' => ['families' => ['blade'], 'finishes' => $this->value(1), 'from' => '', 'to' => '1 oz'],
            'length', 'distance' => $this->pick(['18 in', '50 ft', '0 ft', '1e400 ft', '9 mi']),
            default => $this->value(0),
        };
    }

    private function value(int $depth): mixed
    {
        return match ($depth > 0 ? $this->random->getInt(0, 9) : $this->random->getInt(0, 6)) {
            0, 1 => $this->pick($this->ids()),
            2,
            3 => $this->pick(
                [
                    '4 °C', '26 ft', '1/2 oz', '0.3 mph', 'gold', 'blade', 'vertical', 'drop', 'touch', 'fish', 'walleye',
                    'yes', 'short_pop', 'middle', '9 s', '35°', 'rod', 'main line', '0.2 mm', '20 lb', 'braid', '2026-01-01',
                    'hang', 'drift', 'temp', 'a@example.test', 'g',
                ],
            ),
            4 => $this->pick([null, true, false, 0, -1, 1, 1.5, 1e18, -1e300, PHP_INT_MAX, PHP_INT_MIN, 1e-310]),
            5 => $this->pick(
                [
                    '', ' ', "\0", "a\xffb", "\x07", '%', '_', "'", '"; DROP TABLE lures', '../../etc/passwd', '<script>',
                    '99999999999999999999', '1e309', 'NaN', '2026-99-99', '99999-01-01', '0000-00-00', '१२', 'İ', "\u{202E}x",
                    '=1+1', '1//2 oz', '-5 ft',
                ],
            ),
            6 => str_repeat((string) $this->pick(['a', 'ü', '9', '[', '%']), $this->random->getInt(1, 3000)),
            7 => array_map(fn (): mixed => $this->value($depth - 1), range(1, $this->random->getInt(1, 3))),
            8 => [
                'id' => $this->value(0),
                'set' => [$this->pick(['finish', 'weight', 'holes', 'hooks', 'build', 'length', 'quantity']) => $this->value($depth - 1)],
                'version' => $this->value(0), 'saw' => $this->value($depth - 1),
            ],
            default => [(string) $this->pick(['temp', 'depth', 'food', 'x', 'name', 'when', 'lures', '0']) => $this->value($depth - 1)],
        };
    }

    /** @return list<int|string> of things that are there, and of one that is not */
    private function ids(): array
    {
        static $ids = null;

        return $ids ??= [
            ...$this->angler->lures()->pluck('id')->all(), $this->angler->lures()->firstOrFail()->uuid, (string) Str::uuid(),
            "{$this->angler->lures()->firstOrFail()->id}.middle.short_pop",
        ];
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $from
     * @return T
     */
    private function pick(array $from): mixed
    {
        return $from[$this->random->getInt(0, count($from) - 1)];
    }
}
