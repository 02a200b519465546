<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Remote\RemoteWebDriver;

/**
 * What goes wrong on a phone, brought about in the browser itself and over every reload: answers that are not ours, a clock
 * that is wrong, a device without room. Each is named in the storage of the page; without a name all is as it is.
 */
final class Faults
{
    private const SCRIPT = <<<'JS'
        const fault = (name) => { try { return localStorage.getItem(`fault ${name}`); } catch { return null; } };
        const right = window.fetch;
        window.fetch = (url, ...rest) => {
            const answer = String(url).includes("/taps") ? fault("wire") : null;
            const json = { headers: { "Content-Type": "application/json" } };
            if (rest[0]?.method === "HEAD" && fault("time") !== null) return Promise.reject(new TypeError("Failed to fetch"));
            if (answer === "off") return Promise.reject(new TypeError("Failed to fetch"));
            if (answer === "404") return Promise.resolve(new Response('{"message":"Not here"}', { status: 404, ...json }));
            if (answer === "502") return Promise.resolve(new Response("Bad gateway", { status: 502 }));
            if (answer === "page") return Promise.resolve(new Response("<h1>Welcome to the harbour wifi</h1>"));
            if (answer === "lookalike") return Promise.resolve(new Response('{"refused":[]}', json));
            return right(url, ...rest);
        };
        const True = Date;
        const skew = () => Number(fault("clock") ?? 0);
        class Wrong extends True {
            constructor(...given) { if (given.length === 0) super(True.now() + skew()); else super(...given); }
            static now() { return True.now() + skew(); }
        }
        window.Date = Wrong;
        for (const name of ["add", "put"]) {
            const keep = IDBObjectStore.prototype[name];
            IDBObjectStore.prototype[name] = function (...given) {
                if (fault("room") === "none") throw new DOMException("full", "QuotaExceededError");
                return keep.apply(this, given);
            };
        }
        JS;

    private string $script;

    public function __construct(private readonly RemoteWebDriver $page)
    {
        $this->script = (string) (new ChromeDevToolsDriver($page))
            ->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => self::SCRIPT])['identifier'];
    }

    /** @param  'wire'|'time'|'clock'|'room'  $name */
    public function set(string $name, string $fault): void
    {
        $this->page->executeScript('localStorage.setItem(`fault ${arguments[0]}`, arguments[1])', [$name, $fault]);
    }

    public function mend(string $name): void
    {
        $this->page->executeScript('localStorage.removeItem(`fault ${arguments[0]}`)', [$name]);
    }

    /** The browser goes on to the next test as it is. */
    public function forget(): void
    {
        (new ChromeDevToolsDriver($this->page))->execute('Page.removeScriptToEvaluateOnNewDocument', ['identifier' => $this->script]);
    }
}
