<?php

declare(strict_types=1);

namespace Tests\Support;

use CURLFile;
use CurlHandle;
use Eskith\Core\Formats\FixText;
use Eskith\Core\Formats\Gpx;
use Eskith\Core\Formats\PlacesFile;
use Eskith\Core\Formats\Track;
use Eskith\Core\Water\BoatTrack;
use Eskith\Core\Water\Frame;
use Eskith\Core\Water\Ground;
use Eskith\Core\Water\Position;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Chrome;

/** How quick the ground of waters is: bin/bench --places. */
final class PlacesBench
{
    /** Times that the CPU is slowed for the drag. */
    private const SLOWED = 4;

    public static function run(): int
    {
        self::grid();
        $file = self::track();
        $server = AppServer::start();
        try {
            self::import($server, $file);
            self::callOff($server, $file);
            self::page($server);
            self::drag($server);
            self::day($server);
        } finally {
            $server->stop();
            unlink($file);
        }

        return 0;
    }

    private static function grid(): void
    {
        mt_srand(16);
        $soundings = [];
        for ($i = 0; $i < 2_000; $i++) {
            [$x, $y] = [fmod($i * 4.0, 400), floor($i * 4.0 / 400) * 15 + mt_rand() / mt_getrandmax()];
            $soundings[] = [$x, $y, 8 + 4 * sin($x / 60) * cos($y / 50)];
        }
        $start = microtime(true);
        $ground = Ground::of($soundings, 25.0);
        for ($i = 0; $i < 2_500; $i++) {
            $ground->depthAt($i % 50 * 8, intdiv($i, 50) * 6, 25.0);
        }
        printf("2,000 soundings answer a grid of 2,500 points in %.2f s\n", microtime(true) - $start);
    }

    /** @return string path of a GPX file with a track of as many points as one may have */
    private static function track(): string
    {
        $track = new Track('A long day');
        for ($i = 0; $i < PlacesFile::POINTS; $i++) {
            [$x, $y] = [fmod($i * 0.6, 700), floor($i * 0.6 / 700) * 4];
            $track->add(45.2310 + $y / 111_400, -7.8840 + $x / 78_500, 9 + 4 * sin($x / 70) * cos($y / 60), 1_790_000_000.0 + $i);
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'track');
        file_put_contents($file, Gpx::write(new PlacesFile(tracks: [$track])));
        printf("a track of %s points, %.1f MB\n", number_format($track->count()), filesize($file) / 1e6);

        return $file;
    }

    private static function import(AppServer $server, string $file): void
    {
        $curl = self::signedIn($server->url);
        $before = $server->peakMegabytes();
        $lines = 0;
        $last = '';
        $start = microtime(true);
        self::send($curl, $server->url, $file, static function (string $bytes) use (&$lines, &$last): bool {
            $lines += substr_count($bytes, "\n");
            $last = trim($bytes) === '' ? $last : trim($bytes);

            return true;
        });
        printf(
            "taken in in %.1f s, told %d times how far, at most %.0f MB (%.0f MB before): %s\n",
            microtime(true) - $start, $lines, $server->peakMegabytes(), $before, $last,
        );
    }

    private static function callOff(AppServer $server, string $file): void
    {
        $curl = self::signedIn($server->url);
        $count = static fn (): int => (int) $server->records()->query('select count(*) from surveys')->fetchColumn();
        file_put_contents($file, str_replace('A long day', 'Another day', (string) file_get_contents($file)));
        $before = $count();
        $start = microtime(true);
        self::send(
            $curl, $server->url, $file,
            static fn (string $bytes): bool => substr_count($bytes, "\n") === 0 || microtime(true) - $start < 0.0
        );
        $closed = microtime(true) - $start;
        usleep(6_000_000);
        printf("called off after %.1f s: %d surveys kept of it\n", $closed, $count() - $before);
    }

    private static function page(AppServer $server): void
    {
        $curl = self::signedIn($server->url);
        foreach (['first' => 1, 'again' => 5] as $name => $times) {
            $took = [];
            for ($i = 0; $i < $times; $i++) {
                curl_setopt_array(
                    $curl,
                    [
                        CURLOPT_URL => "{$server->url}/places/1", CURLOPT_HTTPGET => true, CURLOPT_WRITEFUNCTION => null,
                        CURLOPT_RETURNTRANSFER => true,
                    ]
                );
                $start = microtime(true);
                $bytes = strlen((string) curl_exec($curl));
                $took[] = microtime(true) - $start;
            }
            sort($took);
            printf("its page, %s: %.0f ms, %.0f kB\n", $name, 1000 * $took[intdiv($times, 2)], $bytes / 1000);
        }
    }

    /** Eight hours of fixes, one a second, in the outing under way: how large they are kept, and how soon they are drawn. */
    private static function day(AppServer $server): void
    {
        $records = $server->records();
        [$user, $outing, $water, $latitude, $longitude] = $records->query(
            'SELECT o.user_id, o.id, w.id, w.latitude, w.longitude FROM outings o JOIN spots s ON s.id = o.spot_id
             JOIN waters w ON w.id = s.water_id WHERE o.ended_at IS NULL AND w.latitude IS NOT NULL LIMIT 1',
        )->fetch(\PDO::FETCH_NUM);
        $records->exec("DELETE FROM tracks WHERE outing_id = {$outing}");
        $frame = Frame::of((float) $latitude, (float) $longitude);
        $keep = $records->prepare('INSERT INTO tracks (user_id, outing_id, uuid, from_at, fixes) VALUES (?, ?, ?, ?, ?)');
        mt_srand(28);
        $bytes = 0;
        for ($part = 0; $part < 48; $part++) {
            $fixes = [];
            for ($second = 0; $second < 600; $second++) {
                $t = 600 * $part + $second;
                $stray = static fn (): float => 4.0 * (mt_rand() / mt_getrandmax() - 0.5);
                // Drifts, and a run back every quarter of an hour.
                $along = $t % 900 < 840 ? 0.4 * ($t % 900) : 336.0 - 5.6 * ($t % 900 - 840);
                $fixes[] = [(float) $second, new Position(135 + $along + $stray(), 188 - intdiv($t, 900) * 6.0 + $stray())];
            }
            $text = FixText::write(array_map(
                static fn (array $point): array => [$point[0], ...$frame->degrees($point[1])], BoatTrack::thinned($fixes)->points,
            ));
            $bytes += strlen($text);
            $keep->execute([$user, $outing, "day-{$part}", gmdate('Y-m-d H:i:s', time() - 28_800 + 600 * $part).'.000', $text]);
        }
        $page = Chrome::desktop()->driver;
        $page->manage()->timeouts()->setScriptTimeout(30);
        $took = [];
        for ($i = 0; $i < 5; $i++) {
            $page->get("{$server->url}/places/{$water}");
            $took[] = (float) $page->executeAsyncScript(<<<'JS'
                const done = arguments[arguments.length - 1];
                const look = () => {
                    const told = performance.getEntriesByType("resource").find(({ name }) => name.endsWith("/track"));
                    const paths = [...document.querySelectorAll("[role=application] path")];
                    const drawn = paths.some((path) => path.getAttribute("d").length > 5000);
                    if (told && drawn) requestAnimationFrame(() => done(performance.now() - told.responseEnd));
                    else requestAnimationFrame(look);
                };
                look();
                JS);
        }
        sort($took);
        printf("eight hours of fixes: kept in %.0f kB, drawn %.0f ms after they came (median of 5)\n", $bytes / 1000, $took[2]);
    }

    private static function drag(AppServer $server): void
    {
        $page = Chrome::desktop()->driver;
        $page->manage()->timeouts()->implicitlyWait(10);
        $page->get("{$server->url}/sign-in");
        $page->findElement(WebDriverBy::xpath("//button[contains(., 'Open the demo')]"))->click();
        $page->findElement(WebDriverBy::xpath("//h1[contains(., 'Tie on')]"));
        $page->get("{$server->url}/places/1");
        $chart = $page->findElement(WebDriverBy::cssSelector('[role=application]'));
        usleep(1_500_000);
        $box = $page->executeScript(
            'const b = arguments[0].getBoundingClientRect(); return [b.left + b.width / 2, b.top + b.height / 2];', [$chart]
        );
        $devtools = new ChromeDevToolsDriver($page);
        $devtools->execute('Emulation.setCPUThrottlingRate', ['rate' => self::SLOWED]);
        $page->executeScript(
            'window.frames_ = []; const tick = (at) => { window.frames_.push(at); window.going_ && requestAnimationFrame(tick) };'
            .'window.going_ = true; requestAnimationFrame(tick);',
        );
        $mouse = static fn (string $type, float $x, float $y) => $devtools->execute('Input.dispatchMouseEvent', [
            'type' => $type, 'x' => $x, 'y' => $y, 'button' => 'left', 'buttons' => $type === 'mouseReleased' ? 0 : 1, 'clickCount' => 1,
        ]);
        $mouse('mousePressed', ...$box);
        $start = microtime(true);
        for ($i = 0; microtime(true) - $start < 4.0; $i++) {
            $mouse('mouseMoved', $box[0] + 200 * sin($i / 25), $box[1] + 90 * cos($i / 19));
        }
        $mouse('mouseReleased', ...$box);
        $frames = $page->executeScript('window.going_ = false; return window.frames_;');
        $devtools->execute('Emulation.setCPUThrottlingRate', ['rate' => 1]);
        $gaps = [];
        for ($n = 1; $n < count($frames); $n++) {
            $gaps[] = $frames[$n] - $frames[$n - 1];
        }
        sort($gaps);
        printf(
            "dragged with the CPU slowed %d times: %.0f frames a second, nineteen of twenty within %.0f ms, %d moves\n",
            self::SLOWED, 1000 * count($gaps) / max(1.0, array_sum($gaps)), $gaps[(int) (0.95 * count($gaps))], $i,
        );
    }

    private static function signedIn(string $url): CurlHandle
    {
        $curl = curl_init();
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_URL => "{$url}/sign-in"]);
        curl_exec($curl);
        curl_setopt_array($curl, [
            CURLOPT_URL => "{$url}/demo", CURLOPT_POST => true, CURLOPT_POSTFIELDS => '', CURLOPT_HTTPHEADER => self::head($curl),
        ]);
        curl_exec($curl);

        return $curl;
    }

    /** @param  \Closure(string): bool  $heard  whether to go on */
    private static function send(CurlHandle $curl, string $url, string $file, \Closure $heard): void
    {
        curl_setopt_array($curl, [
            CURLOPT_URL => "{$url}/waters/1/import", CURLOPT_POST => true, CURLOPT_HTTPHEADER => self::head($curl),
            CURLOPT_POSTFIELDS => ['file' => new CURLFile($file, 'application/gpx+xml', 'day.gpx')],
            CURLOPT_WRITEFUNCTION => static fn (CurlHandle $curl, string $bytes): int => $heard($bytes) ? strlen($bytes) : 0,
        ]);
        curl_exec($curl);
    }

    /** @return list<string> */
    private static function head(CurlHandle $curl): array
    {
        $token = '';
        foreach (curl_getinfo($curl, CURLINFO_COOKIELIST) ?: [] as $cookie) {
            $parts = explode("\t", $cookie);
            $token = $parts[5] === 'XSRF-TOKEN' ? urldecode($parts[6]) : $token;
        }

        return ["X-XSRF-TOKEN: {$token}", 'Accept: application/json', 'X-Requested-With: XMLHttpRequest'];
    }
}
