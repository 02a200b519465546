<?php

declare(strict_types=1);

namespace Tests\Browser;

/**
 * A page at first sight. Nothing moves away under a thumb: what is told later has its place, or stands below all that is pressed. And
 * few words stand there: those that matter, the rest on a press.
 */
final class StillTest extends BrowserTestCase
{
    protected bool $keeps = false;

    /** Of what moves less a thumb is not aware. */
    private const PX = 8;

    /** Words above the fold at most, on a desk and on a phone. Outings is a list: its rows are what is looked for. */
    private const WORDS = [
        '/lure' => [220, 100], '/water' => [210, 120], '/rig' => [180, 120], '/work' => [140, 120], '/fish' => [130, 85],
        '/look-back' => [180, 120], '/places' => [180, 120], '/tackle' => [190, 120], '/gear' => [160, 120], '/rules' => [190, 120],
        '/cadences' => [170, 120], '/outings' => [200, 180], '/settings' => [200, 120], '/this-phone' => [200, 120],
        '/account' => [200, 120], '/tackle/1' => [200, 120], '/boat-card' => [250, 140],
    ];

    /** Words in the window that nothing covers; the column and what is drawn are no reading. */
    private const COUNT = <<<'JS'
        const words = /[^\s]*[\p{L}\p{N}][^\s]*/gu;
        const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
        const range = document.createRange();
        let count = 0;
        for (let text = texts.nextNode(); text; text = texts.nextNode()) {
            const on = text.parentElement;
            if (!on || on.closest("aside[aria-label], script, style, noscript, .sr-only")) continue;
            if (!on.checkVisibility({ visibilityProperty: true, opacityProperty: true })) continue;
            for (const { index, 0: word } of text.data.matchAll(words)) {
                range.setStart(text, index);
                range.setEnd(text, index + word.length);
                const { left, right, top, bottom, width } = range.getBoundingClientRect();
                const [x, y] = [(left + right) / 2, (top + bottom) / 2];
                if (width === 0 || x < 0 || x >= innerWidth || y < 0 || bottom > innerHeight) continue;
                const seen = document.elementFromPoint(x, y);
                if (seen && (on.contains(seen) || seen.contains(on))) count++;
            }
        }
        return count;
        JS;

    /** ms after which all that a page asks of itself has come. */
    private const CALM_MS = 1_500;

    protected function setUp(): void
    {
        $this->phone = str_ends_with($this->name(), 'phone');
        parent::setUp();
    }

    public function test_no_page_moves_once_it_can_be_pressed_nor_says_much_on_a_desk(): void
    {
        $this->demandCalm();
    }

    public function test_no_page_moves_once_it_can_be_pressed_nor_says_much_on_a_phone(): void
    {
        $this->demandCalm();
    }

    private function demandCalm(): void
    {
        $this->openDemo();
        [$moved, $wordy] = [[], []];
        foreach (self::WORDS as $path => $most) {
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
            $words = $this->page->executeScript(self::COUNT);
            if ($words > $most[(int) $this->phone]) {
                $wordy[] = "{$path}: {$words} words";
            }
        }
        self::assertSame([], array_filter($moved));
        self::assertSame([], $wordy);
    }
}
