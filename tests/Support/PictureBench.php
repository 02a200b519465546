<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Chrome;

/** How soon a picture of twelve megapixels is kept on a device, as it is and with the processor slowed four times. */
final class PictureBench
{
    private const TIMES = 5;

    public static function run(): int
    {
        $server = AppServer::start();
        $chrome = Chrome::phone();
        try {
            $page = $chrome->driver;
            $page->manage()->timeouts()->setScriptTimeout(120)->implicitlyWait(30);
            $chrome->remember($server->url, $server->demoVisit());
            foreach (['as it is' => 1, 'slowed four times' => 4] as $how => $rate) {
                $times = [];
                for ($i = 0; $i < self::TIMES; $i++) {
                    // No signal: it is kept here, whatever becomes of it later.
                    $lure = $i + 1 + self::TIMES * ($rate - 1);
                    $page->get("{$server->url}/tackle/{$lure}");
                    // It comes when it is first shown.
                    $page->findElement(WebDriverBy::cssSelector('section[aria-label="Pictures"] input[type=file]'));
                    $page->executeAsyncScript(self::PREPARE);
                    (new ChromeDevToolsDriver($page))->execute('Emulation.setCPUThrottlingRate', ['rate' => $rate]);
                    $times[] = (float) $page->executeAsyncScript(self::KEEP);
                    (new ChromeDevToolsDriver($page))->execute('Emulation.setCPUThrottlingRate', ['rate' => 1]);
                }
                sort($times);
                printf("%-38s %8.0f ms, at most %.0f ms\n", "12 megapixels to kept, {$how}", $times[intdiv(self::TIMES, 2)], end($times));
            }
        } finally {
            $chrome->forget();
            $server->stop();
        }

        return 0;
    }

    /** A photo as a camera writes it: full of small things. */
    private const PREPARE = <<<'JS'
        const done = arguments[arguments.length - 1];
        const canvas = new OffscreenCanvas(4000, 3000);
        const pen = canvas.getContext("2d");
        for (let i = 0; i < 60_000; i++) {
            pen.fillStyle = `rgb(${(i * 37) % 256} ${(i * 91) % 256} ${(i * 53) % 256})`;
            pen.fillRect((i * 7919) % 4000, (i * 104729) % 3000, 10 + (i % 60), 8 + (i % 40));
        }
        canvas.convertToBlob({ type: "image/jpeg", quality: 0.92 }).then((blob) => {
            globalThis.photo = new File([blob], "photo.jpg", { type: "image/jpeg" });
            done(blob.size);
        });
        JS;

    private const KEEP = <<<'JS'
        const done = arguments[arguments.length - 1];
        const input = document.querySelector('section[aria-label="Pictures"] input[type=file]');
        const files = new DataTransfer();
        files.items.add(globalThis.photo);
        input.files = files.files;
        const begun = performance.now();
        new MutationObserver((_, watch) => {
            if (!document.querySelector('section[aria-label="Pictures"] li img')) return;
            watch.disconnect();
            done(performance.now() - begun);
        }).observe(document.body, { childList: true, subtree: true });
        input.dispatchEvent(new Event("change", { bubbles: true }));
        JS;
}
