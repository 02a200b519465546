<?php

declare(strict_types=1);

namespace Tests\Browser;

/** Nothing moves away under a thumb: what is told later has its place, or stands below all that is pressed. */
final class StillTest extends BrowserTestCase
{
    protected bool $keeps = false;

    /** Of what moves less a thumb is not aware. */
    private const PX = 8;

    /** ms after which all that a page asks of itself has come. */
    private const CALM_MS = 1_500;

    protected function setUp(): void
    {
        $this->phone = str_ends_with($this->name(), 'phone');
        parent::setUp();
    }

    public function test_no_station_moves_once_it_can_be_pressed_on_a_desk(): void
    {
        $this->demandStill();
    }

    public function test_no_station_moves_once_it_can_be_pressed_on_a_phone(): void
    {
        $this->demandStill();
    }

    private function demandStill(): void
    {
        $this->openDemo();
        $moved = [];
        foreach (['/lure', '/water', '/rig', '/work', '/fish', '/look-back', '/places', '/tackle', '/gear', '/rules'] as $path) {
            $this->page->get($this->server->url.$path);
            $this->find('//h1');
            $moved[$path] = $this->page->executeAsyncScript(<<<'JS'
                const [most, calm, done] = arguments;
                const moves = [];
                const seen = new PerformanceObserver((list) => {
                    for (const { startTime, sources } of list.getEntries()) {
                        for (const { node, previousRect: was, currentRect: is } of sources) {
                            const by = Math.max(Math.abs(was.x - is.x), Math.abs(was.y - is.y));
                            const what = (node?.textContent || node?.outerHTML || "").slice(0, 60);
                            if (by > most) moves.push(`${Math.round(startTime)} ms: ${Math.round(by)} px: ${what}`);
                        }
                    }
                });
                seen.observe({ type: "layout-shift", buffered: true });
                const quiet = () => {
                    const last = performance.getEntriesByType("resource").reduce((end, one) => Math.max(end, one.responseEnd), 0);
                    if (performance.now() - last > calm) done(moves);
                    else setTimeout(quiet, 100);
                };
                quiet();
                JS, [self::PX, self::CALM_MS]);
        }
        self::assertSame([], array_filter($moved));
    }
}
