<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Chrome;

/** How soon a device answers with no signal, as it is and with the browser let run a quarter of the time. */
final class OnBoardBench
{
    /** ms of ten that a slowed browser runs. */
    private const QUARTER_MS = 2.5;

    public static function run(): int
    {
        $server = AppServer::start();
        $chrome = Chrome::phone();
        try {
            $page = $chrome->driver;
            $chrome->keeps(true);
            $page->manage()->timeouts()->setScriptTimeout(120)->implicitlyWait(30);
            $chrome->remember($server->url, $server->demoVisit());
            $page->get("{$server->url}/lure");
            self::wait($page, 'return caches.open("pages").then((pages) => pages.match("/cadences")).then((page) => page !== undefined)');
            $page->get("{$server->url}/settings");
            $take = $page->findElement(WebDriverBy::xpath('//button[.="Take it along"]'));
            $page->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$take]);
            $take->click();
            $page->findElement(WebDriverBy::xpath('//button[.="Leave it behind"]'));
            $bytes = self::ask($page, <<<'JS'
                const kept = await (await caches.open("on board")).keys();
                const sizes = await Promise.all(kept.map(async ({ url }) =>
                    Number((await fetch(url, { method: "HEAD", cache: "no-store" })).headers.get("Content-Length"))));
                return sizes.reduce((all, one) => all + one, 0);
                JS);
            printf("%-38s %8.2f MB\n", 'taken along, over the line', $bytes / 1e6);
            $server->kill();
            $page->executeScript('localStorage.setItem("clock", "600000")');
            foreach (['as it is' => false, 'slowed four times' => true] as $how => $slowed) {
                $page->get("{$server->url}/settings");
                self::measure($page, $server->url, $how, $slowed);
            }
        } finally {
            $chrome->forget();
            $server->stop();
        }

        return 0;
    }

    private static function measure(RemoteWebDriver $page, string $url, string $how, bool $slowed): void
    {
        $brake = $slowed ? self::brake() : null;
        $begun = microtime(true);
        $page->get("{$url}/lure");
        $page->findElement(WebDriverBy::tagName('h1'));
        $told = ['Lure opens with its kept answer' => 1000 * (microtime(true) - $begun)];
        // A page that asks nothing itself.
        $page->get("{$url}/settings");
        $page->findElement(WebDriverBy::tagName('h1'));
        $before = self::megabytes();
        /** @var array<string, float> $times */
        $times = self::ask($page, <<<'JS'
            const kept = (await (await caches.open("on board")).keys()).map(({ url }) => url);
            const find = (part) => kept.find((url) => url.includes(part));
            const start = performance.now();
            const worker = new Worker(find("/worker-"), { type: "module" });
            const kit = await (await (await caches.open("pages")).match("/kit")).text();
            worker.postMessage({ open: { runtime: find(".mjs"), wasm: find(".wasm"), rooms: find("/rooms-"), kit } });
            const ask = (question, given) => new Promise((resolve) => {
                const asked = performance.now();
                worker.onmessage = () => resolve(performance.now() - asked);
                worker.postMessage({ id: 1, asked: JSON.stringify({ question, given, done: [], now: Date.now() / 1000 }) });
            });
            await ask("answer", {});
            const fresh = performance.now() - start;
            const changed = [];
            for (let feet = 20; feet < 60; feet++) changed.push(await ask("answer", { depth: `${feet} ft` }));
            changed.sort((a, b) => a - b);
            const look = await ask("second-look", {});
            await ask("chart", {});
            const chart = await ask("chart", { depth: "31 ft" });
            window.bench = worker;
            return {
                "PHP starts and gives its first answer": fresh,
                "changed reading, median": changed[20],
                "changed reading, 95 %": changed[37],
                "second look": look,
                "chart": chart,
            };
            JS);
        foreach ($told + $times as $what => $ms) {
            printf("%-38s %8.0f ms, %s\n", $what, $ms, $how);
        }
        printf("%-38s %8.0f MB, %s\n", 'memory of the page and PHP more', self::megabytes() - $before, $how);
        if ($brake !== null) {
            proc_terminate($brake);
            proc_close($brake);
            exec('pkill -CONT chromium');
        }
        $page->executeScript('window.bench.terminate()');
        if (! $slowed) {
            [$from, $at] = [self::ticks(), microtime(true)];
            sleep(20);
            printf("%-38s %8.1f %% of a core, %s\n", 'idle, PHP ended', (self::ticks() - $from) / (microtime(true) - $at), $how);
        }
    }

    /** @return resource lets the browser's pages run a quarter of the time */
    private static function brake()
    {
        $pids = implode(' ', self::renderers());
        $run = self::QUARTER_MS / 1000;
        $process = proc_open(
            ['bash', '-c', sprintf(
                'while :; do kill -STOP %1$s 2> /dev/null; sleep %2$F; kill -CONT %1$s 2> /dev/null; sleep %3$F; done',
                $pids, 0.01 - $run, $run,
            )],
            [], $pipes,
        );

        return is_resource($process) ? $process : throw new \RuntimeException('The browser cannot be slowed.');
    }

    /** @return list<string> */
    private static function renderers(): array
    {
        return preg_split('/\s+/', trim((string) shell_exec('pgrep -f -- --type=renderer'))) ?: [];
    }

    private static function megabytes(): float
    {
        $kilobytes = 0;
        foreach (self::renderers() as $pid) {
            $status = (string) @file_get_contents("/proc/{$pid}/status");
            $kilobytes += preg_match('/VmRSS:\s+(\d+)/', $status, $found) === 1 ? (int) $found[1] : 0;
        }

        return $kilobytes / 1024;
    }

    /** Hundredths of a second that the pages have used. */
    private static function ticks(): int
    {
        $ticks = 0;
        foreach (self::renderers() as $pid) {
            $parts = explode(' ', (string) preg_replace('/^.*\) /', '', (string) @file_get_contents("/proc/{$pid}/stat")));
            $ticks += (int) ($parts[11] ?? 0) + (int) ($parts[12] ?? 0);
        }

        return $ticks;
    }

    private static function ask(RemoteWebDriver $page, string $script): mixed
    {
        return $page->executeAsyncScript("const done = arguments[0]; (async () => { {$script} })().then(done);");
    }

    private static function wait(RemoteWebDriver $page, string $script): void
    {
        for ($i = 0; $i < 100 && self::ask($page, $script) !== true; $i++) {
            usleep(200_000);
        }
    }
}
