<?php

declare(strict_types=1);

namespace Tests\Server;

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\Promise\Utils;
use PHPUnit\Framework\TestCase;
use Psr\Http\Message\ResponseInterface;
use Tests\Browser\Support\AppServer;
use Tests\Support\Visitor;
use ZipArchive;

/**
 * Bodies and files made to stop a server, sent to one that runs for real with 256 MB: each is refused in a sentence or taken in,
 * no process is lost, none takes long, and others are answered meanwhile.
 */
final class HostileTest extends TestCase
{
    /** s after which an answer is not waited for any more, on a machine that has other things to do too. */
    private const LONGEST_S = 60.0;

    /** MB that a process may hold, with what PHP's own server keeps of a body. */
    private const MEGABYTES = 420.0;

    private static AppServer $server;

    private static CookieJar $angler;

    public static function setUpBeforeClass(): void
    {
        self::$server = AppServer::start(4);
        self::$angler = new CookieJar;
        self::client()->get('/register');
        self::client()->post('/register', ['json' => ['name' => 'Mallory', 'email' => 'm@example.test', 'password' => 'a long password']]);
        self::client()->post('/spots', ['json' => ['water' => 'Long tarn', 'spot' => 'Bar']]);
    }

    public static function tearDownAfterClass(): void
    {
        self::$server->stop();
    }

    /** @return iterable<string, array{string, int}> a body of JSON, and the status it is answered with */
    public static function bodies(): iterable
    {
        yield 'two megabytes of keys that fall together' => [self::colliding(90_000), 413];
        yield 'as many as fit' => [self::colliding(60_000), 422];
        yield 'lists in lists, wide' => ['['.implode(',', array_fill(0, 240_000, '[0]')).']', 422];
        yield 'lists in lists, deep' => [str_repeat('[', 200_000).str_repeat(']', 200_000), 422];
        yield 'twenty megabytes of lists' => ['['.str_repeat('[],', 6_000_000).'[]]', 413];
        yield 'keys that fall together, each of them allowed' => [self::colliding(5_900), 422];
    }

    /**
     * Keys that PHP's hash table puts into one place.
     */
    private static function colliding(int $keys): string
    {
        $pairs = [];
        for ($i = 0; $i < $keys; $i++) {
            $pairs[] = '"'.(65_536 * $i).'":0';
        }

        return '{'.implode(',', $pairs).'}';
    }

    #[\PHPUnit\Framework\Attributes\DataProvider('bodies')]
    public function test_a_body_is_refused_before_it_is_read_into_memory(string $body, int $status): void
    {
        foreach ([['/sign-in', new CookieJar, 413], ['/readings', self::$angler, $status]] as [$path, $visitor, $wanted]) {
            $answer = $this->quickly(fn (): ResponseInterface => self::client($visitor)
                ->request($path === '/readings' ? 'PUT' : 'POST', $path, [
                    'body' => $body, 'headers' => ['Content-Type' => 'application/json', ...self::token($visitor)],
                ]));
            self::assertContains($answer->getStatusCode(), [$wanted, strlen($body) <= 64_000 ? 422 : $wanted, 419], $path);
        }
    }

    /** @return iterable<string, array{string, \Closure(): string, string, string}> address, file, its name, and what is said */
    public static function files(): iterable
    {
        $gpx = 'xmlns="http://www.topografix.com/GPX/1/1" version="1.1" creator="x"';
        $attributes = static fn (string $quote): string => implode(' ', array_map(
            static fn (int $i): string => "a{$i}={$quote}>{$quote}", range(1, 80_000),
        ));
        yield 'a root with attributes without end' => [
            'import', static fn (): string => "<gpx {$gpx} {$attributes('"')}/>", 'a.gpx', 'attributes without end',
        ];
        yield 'the same in other quotes' => [
            'import', static fn (): string => "<gpx {$gpx} {$attributes("'")}/>", 'a.gpx', 'attributes without end',
        ];
        yield 'elements without end' => [
            'import', static fn (): string => "<gpx {$gpx}>".str_repeat('<a/>', 3_000_000).'</gpx>', 'a.gpx', 'elements without end',
        ];
        yield 'UTF-16 without a mark' => [
            'import', static fn (): string => (string) mb_convert_encoding("<?xml version=\"1.0\"?><gpx {$gpx}/>", 'UTF-16LE', 'UTF-8'),
            'a.gpx', 'written in UTF-8',
        ];
        yield 'UTF-7' => ['import', static fn (): string => '<?xml version="1.0" encoding="UTF-7"?>+ADw-gpx/+AD4-',
            'a.gpx', 'written in UTF-8'];
        yield 'empty lines' => [
            'import', static fn (): string => "lat,lon,depth_m\n".str_repeat("\n", 50_000_000), 'a.csv', 'lines',
        ];
        yield 'lists of a chart' => [
            'import', static fn (): string => '{"type":"FeatureCollection","features":['.str_repeat('[[]],',
                4_000_000).'[]]}', 'a.json', 'points',
        ];
        yield 'a log of lists' => [
            'log', static fn (): string => '{"format":"eskith-log","version":1,"events":['.str_repeat('[[0],[0]],',
                2_000_000).'[]]}', 'a.json',
            'than one angler can have',
        ];
        yield 'a log of one endless row' => [
            'log', static fn (): string => '{"format":"eskith-log","version":1,"events":[{"a":"'.str_repeat('x',
                60_000_000).'"}]}', 'a.json',
            'A row in that file is too long.',
        ];
        yield 'a log of keys that fall together' => [
            'log', static fn (): string => '{"format":"eskith-log","version":1,"events":['.implode(',',
                array_fill(0, 60, self::colliding(9_000))).']}',
            'a.json', 'A row in that file holds too much.',
        ];
        yield 'a table of empty lines' => ['log', static fn (): string => "event,setup\n".str_repeat("\n", 11_000_000), 'a.csv', 'lines'];
        yield 'a small archive of many rows' => [
            'archive', static fn (): string => self::bomb("[\n".str_repeat('{"no":1,"name":"x"},'."\n", 2_500_000).'{}]'), 'a.zip',
            'than one angler can have',
        ];
        yield 'a small archive of four gigabytes' => [
            'archive', static fn (): string => self::bomb("[\n".str_repeat('{"name":"'.str_repeat('x',
                600_000).'"},'."\n", 150).'{}]'), 'a.zip',
            'unpacks to more',
        ];
        yield 'a box of lists' => ['box', static fn (): string => '['.str_repeat('[0],', 2_900_000).'0]', 'a.json', 'not a box'];
    }

    /** A list as often as there are tables, packed to next to nothing. */
    private static function bomb(string $list): string
    {
        file_put_contents($file = (string) tempnam(sys_get_temp_dir(), 'list'), $list);
        $zip = new ZipArchive;
        $zip->open($path = (string) tempnam(sys_get_temp_dir(), 'bomb'), ZipArchive::OVERWRITE);
        $zip->addFromString('account.json', '{"format":"eskith-account","version":1,"name":"x","settings":{}}');
        foreach (['waters', 'spots', 'lines', 'lures', 'gear', 'outings', 'setups', 'events'] as $name) {
            $zip->addFile($file, "{$name}.json");
        }
        $zip->close();
        $bytes = (string) file_get_contents($path);
        array_map(unlink(...), [$file, $path]);

        return $bytes;
    }

    /** @param  \Closure(): string  $file */
    #[\PHPUnit\Framework\Attributes\DataProvider('files')]
    public function test_a_file_is_refused_in_a_sentence(string $where, \Closure $file, string $name, string $said): void
    {
        $path = match ($where) {
            'import' => '/waters/'.$this->water().'/import', 'log' => '/log', 'archive' => '/account/archive', default => '/box/preview',
        };
        $answer = $this->quickly(fn (): ResponseInterface => self::client()->post($path, [
            'multipart' => [['name' => 'file', 'contents' => $file(), 'filename' => $name]], 'headers' => self::token(self::$angler),
        ]));
        self::assertLessThan(500, $answer->getStatusCode());
        self::assertStringContainsString($said, (string) $answer->getBody());
    }

    public function test_others_are_answered_beside_two_of_them(): void
    {
        $file = "lat,lon,depth_m\n".str_repeat("60.1,5.1,4.2\n", 190_000);
        // Of one angler one file is read at a time.
        $sent = array_map(static function (int $i) use ($file) {
            $sender = Visitor::registered(self::$server->url, "beside{$i}@example.test");
            $sender->send('POST', '/spots', ['json' => ['water' => 'Short tarn', 'spot' => 'Bar']]);
            $water = self::$server->records()->query('SELECT max(id) FROM waters')->fetchColumn();

            return $sender->later('POST', "/waters/{$water}/import", Visitor::file($file, 'a.csv'));
        }, [1, 2]);
        for ($i = 0; $i < 8; $i++) {
            self::assertSame(200, (new Visitor(self::$server->url))->get('/sign-in')->getStatusCode());
        }
        self::assertSame(['pending', 'pending'], array_map(static fn ($one): string => $one->getState(), $sent), 'answered beside them');
        Utils::settle($sent)->wait();
        self::assertSame(4, self::$server->workers());
    }

    public function test_what_is_too_large_is_told_with_what_fits_there(): void
    {
        foreach (['/sign-in' => '64 kB', '/readings' => '1 MB', '/rules/import' => '1 MB'] as $path => $fits) {
            $visitor = $path === '/sign-in' ? new CookieJar : self::$angler;
            $answer = self::client($visitor)->request($path === '/readings' ? 'PUT' : 'POST', $path, [
                'body' => str_repeat('x', 1_200_000), 'headers' => ['Content-Type' => 'application/json', ...self::token($visitor)],
            ]);
            self::assertSame(413, $answer->getStatusCode());
            self::assertStringContainsString("at most {$fits} fit", (string) $answer->getBody());
        }
    }

    /**
     * @param  \Closure(): ResponseInterface  $ask
     */
    private function quickly(\Closure $ask): ResponseInterface
    {
        $answer = $ask();
        self::assertSame(4, self::$server->workers(), 'no process is lost');
        self::assertLessThan(self::MEGABYTES, self::$server->peakMegabytes());

        return $answer;
    }

    private function water(): int
    {
        return (int) self::$server->records()->query("SELECT id FROM waters WHERE name = 'Long tarn'")->fetchColumn();
    }

    private static function client(?CookieJar $jar = null): Client
    {
        return new Client([
            'base_uri' => self::$server->url, 'cookies' => $jar ?? self::$angler, 'allow_redirects' => false, 'http_errors' => false,
            'timeout' => self::LONGEST_S, 'headers' => ['Accept' => 'application/json', ...self::token($jar ?? self::$angler)],
        ]);
    }

    /** @return array<string, string> */
    private static function token(CookieJar $jar): array
    {
        return ['X-XSRF-TOKEN' => urldecode($jar->getCookieByName('XSRF-TOKEN')?->getValue() ?? '')];
    }
}
