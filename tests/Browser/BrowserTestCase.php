<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\UnknownErrorException;
use Facebook\WebDriver\Remote\RemoteExecuteMethod;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Chrome;

/** Drives the real interface. Each test has the demo afresh; what it waits for comes, or it fails. */
abstract class BrowserTestCase extends TestCase
{
    /**
     * s after which something does not come any more. Far more than it takes: beside other load two cores that run four browsers
     * answer late, and what is asserted is that it comes, not when.
     */
    protected const PATIENCE_S = 45;

    /** ms between the first two looks, and at most: looking takes the time of what is looked for. */
    private const LOOKS_MS = [40, 300];

    /** Whether the page itself stands there, not only what it says before its scripts have come. */
    private const DRAWN = 'const drawn = document.querySelector("[data-first-sight]") === null; ';

    /**
     * What the browser may complain of: what was refused, and that it has no picture for its tab where there is no server, which it
     * asks for past the worker that keeps one.
     */
    private const EXPECTED = '~ (422|404|409) |/icon\.svg - Failed to load resource: net::ERR_CONNECTION_REFUSED~';

    protected AppServer $server;

    protected Chrome $chrome;

    protected RemoteWebDriver $page;

    protected bool $phone = false;

    /** Whether the pages keep themselves on the device: a quarter of what a test costs, for those that are of that. */
    protected bool $keeps = true;

    protected function setUp(): void
    {
        $this->server = AppServer::start();
        $this->chrome = $this->phone ? Chrome::phone() : Chrome::desktop();
        $this->page = $this->chrome->driver;
        $this->page->manage()->timeouts()->setScriptTimeout(self::PATIENCE_S);
        // What was still being fetched from the server of the test before, and failed as that one was stopped, is not ours.
        $this->page->manage()->getLog('browser');
        $this->chrome->keeps($this->keeps);
    }

    protected function tearDown(): void
    {
        $errors = array_filter(
            $this->page->manage()->getLog('browser'),
            static fn (array $line): bool => $line['level'] === 'SEVERE' && preg_match(self::EXPECTED, $line['message']) !== 1,
        );
        $this->chrome->forget();
        $this->server->stop();
        self::assertSame([], array_values(array_column($errors, 'message')), 'the browser complained');
    }

    /** Opens the demo as a visitor does; on another page, signed in already. */
    protected function openDemo(string $path = '/lure'): void
    {
        if ($path === '/lure') {
            $this->page->get("{$this->server->url}/sign-in");
            $this->button('Open the demo')->click();
            $this->see('Tie on the white half-ounce blade');
        } else {
            $this->chrome->remember($this->server->url, $this->server->demoVisit());
            $this->page->get($this->server->url.$path);
        }
    }

    /** The first button or link with these words, shown. */
    protected function button(string $words): RemoteWebElement
    {
        return $this->find("//*[self::button or self::a or self::summary][normalize-space()=\"{$words}\" or @aria-label=\"{$words}\"]");
    }

    /** Presses a button; where it is drawn anew in that moment, or something passes over it, the one that stands there then. */
    protected function click(string $words): void
    {
        $this->clickOn(fn (): RemoteWebElement => $this->button($words), $words);
    }

    /** @param  callable(): RemoteWebElement  $find */
    protected function clickOn(callable $find, string $what): void
    {
        $this->eventually(static function () use ($find): bool {
            try {
                $find()->click();
            } catch (ElementClickInterceptedException) {
                return false;
            }

            return true;
        }, "to press {$what}");
    }

    /** Opens a tab, which reacts to the press of a mouse button and not to a click. */
    protected function tab(string $words): void
    {
        $tab = $this->find("//*[@role='tab'][normalize-space()=\"{$words}\"]");
        $tab->click();
        $this->eventually(fn (): bool => $tab->getAttribute('aria-selected') === 'true', "for the tab {$words}");
    }

    protected function find(string $xpath): RemoteWebElement
    {
        return $this->eventually(function () use ($xpath): ?RemoteWebElement {
            $found = $this->page->executeScript(self::DRAWN.<<<'JS'
                const found = document.evaluate(arguments[0], document, null, XPathResult.ORDERED_NODE_SNAPSHOT_TYPE, null);
                for (let i = 0; drawn && i < found.snapshotLength; i++) {
                    const element = found.snapshotItem(i);
                    const { width, height } = element.getBoundingClientRect();
                    if (width > 0 && height > 0 && element.checkVisibility({ visibilityProperty: true, opacityProperty: true })) {
                        // What the bar or the pads of a phone hide is scrolled clear of them, as a thumb does.
                        const { left, top } = element.getBoundingClientRect();
                        const at = document.elementFromPoint(left + width / 2, top + height / 2);
                        if (arguments[1] && !element.contains(at)) element.scrollIntoView({ block: "center", behavior: "instant" });
                        return element;
                    }
                }
                return null;
                JS, [$xpath, $this->phone]);

            return is_array($found) ? new RemoteWebElement(
                new RemoteExecuteMethod($this->page), (string) reset($found), $this->page->isW3cCompliant(),
            ) : null;
        }, "to find {$xpath}");
    }

    protected function see(string $words): void
    {
        $words = str_replace("\u{A0}", ' ', $words);
        $this->eventually(fn (): bool => str_contains($this->text(), $words), "to see \"{$words}\"");
    }

    /** Waits until nothing that was logged waits any more: "Saved here, 2 to send" is not it. */
    protected function seeAllSaved(): void
    {
        $this->find("//*[@role='status'][normalize-space()='Saved']");
    }

    protected function text(): string
    {
        $text = $this->page->executeScript(self::DRAWN.'return drawn ? document.body.innerText : ""');

        return preg_replace('/\s+/u', ' ', (string) $text) ?? '';
    }

    /** A definition on the page by its term: the figure of a counter. */
    protected function counter(string $label): string
    {
        return $this->find("//dt[normalize-space()=\"{$label}\"]/following-sibling::dd")->getText();
    }

    protected function seeCounter(string $label, string $figure): void
    {
        $this->eventually(fn (): bool => $this->counter($label) === $figure, "{$label} to be {$figure}");
    }

    /** Keys by name: tab, enter, escape, arrow_up … */
    protected function press(string ...$keys): void
    {
        foreach ($keys as $key) {
            $this->page->getKeyboard()->sendKeys(constant(WebDriverKeys::class.'::'.strtoupper($key)));
        }
    }

    protected function type(string $text): void
    {
        $this->page->getKeyboard()->sendKeys($text);
    }

    /** Moves the focus with Tab until it is on what the script names. */
    protected function tabTo(string $selector): void
    {
        for ($i = 0; $i < 60; $i++) {
            if ($this->page->executeScript('return document.activeElement?.matches(arguments[0]) ?? false', [$selector])) {
                return;
            }
            $this->press('tab');
        }
        self::fail("{$selector} cannot be reached with Tab.");
    }

    /**
     * @template T
     *
     * @param  callable(): T  $look
     * @return T as soon as it is neither null nor false
     */
    protected function eventually(callable $look, string $what): mixed
    {
        $until = microtime(true) + self::PATIENCE_S;
        [$wait, $most] = self::LOOKS_MS;
        do {
            try {
                $found = $look();
                if ($found !== null && $found !== false) {
                    $this->addToAssertionCount(1);

                    return $found;
                }
            } catch (StaleElementReferenceException) {
                // Redrawn meanwhile: look again.
            } catch (UnknownErrorException $error) {
                // The same, where it was redrawn while the driver read it.
                if (! str_contains($error->getMessage(), 'does not belong to the document')) {
                    throw $error;
                }
            }
            usleep(1000 * $wait);
            $wait = min($most, intdiv(3 * $wait, 2));
        } while (microtime(true) < $until);
        self::fail("Waited in vain {$what}. {$this->asked()} The page says: ".mb_substr($this->text(), 0, 2_000));
    }

    /** What the page asked last, with what came back and when, to look for a cause by. */
    private function asked(): string
    {
        $all = $this->page->executeScript(<<<'JS'
            return performance.getEntriesByType("resource")
                .filter(({ initiatorType }) => ["fetch", "xmlhttprequest"].includes(initiatorType)).slice(-8)
                .map(({ name, responseStatus, startTime, duration }) =>
                    `${new URL(name).pathname} ${responseStatus} at ${Math.round(startTime)} for ${Math.round(duration)} ms`);
            JS);

        return 'It asked '.implode(', ', (array) $all).'.';
    }

    /** Until a page is kept on the device; as it comes, all that is needed on the water. */
    protected function untilKept(string $path = '/places'): void
    {
        $this->page->manage()->timeouts()->setScriptTimeout(self::PATIENCE_S);
        for ($i = 0; $i < 60; $i++) {
            $ready = $this->page->executeAsyncScript(<<<'JS'
                const [path, done] = arguments;
                caches.open("pages").then((pages) => pages.match(path)).then((page) =>
                    done(page !== undefined && navigator.serviceWorker.controller !== null));
                JS, [$path]);
            if ($ready === true) {
                return;
            }
            usleep(300_000);
        }
        self::fail('The worker was not ready in time.');
    }
}
