<?php

declare(strict_types=1);

namespace Tests\Browser;

/** On the water there is no network: the server is gone, and the phone goes on. */
final class OfflineTest extends BrowserTestCase
{
    protected bool $phone = true;

    public function test_fish_opens_logs_and_sends_later_without_a_server(): void
    {
        $this->openDemo('/fish');
        $this->ready();
        $before = $this->events();
        $this->server->kill();
        $this->page->navigate()->refresh();
        $drops = (int) $this->counter('drops since a touch');
        for ($i = 1; $i <= 30; $i++) {
            $this->button('Drop')->click();
        }
        $this->seeCounter('drops since a touch', (string) ($drops + 30));
        $this->see('Saved here, 30 to send');
        $this->button('Undo')->click();
        $this->see('Saved here, 29 to send');
        $this->button('Touch')->click();
        $this->button('At rest')->click();
        $this->seeCounter('drops since a touch', '0');
        // The phone slept: the page is gone and comes back.
        $this->page->get('about:blank');
        $this->page->get("{$this->server->url}/fish");
        $this->seeCounter('drops since a touch', '0');
        $this->see('Saved here, 30 to send');
        $this->server->serve();
        $this->button('Send now')->click();
        for ($i = 0; $i < 60 && ! str_contains($this->text(), 'All saved'); $i++) {
            usleep(500_000);
        }
        $this->see('All saved');
        self::assertSame($before + 30, $this->events(), 'nothing lost, nothing doubled');
        $this->seeCounter('drops since a touch', '0');
    }

    public function test_the_trainer_the_plan_and_the_boat_card_open_without_a_server_and_nothing_stays_after_signing_out(): void
    {
        $this->openDemo('/fish');
        $this->ready();
        $this->server->kill();
        $this->page->get("{$this->server->url}/work");
        $this->tab('Plans');
        $this->see('drift 3 of 6');
        $this->button('Keep time')->click();
        $this->button('Stop')->click();
        $this->page->get("{$this->server->url}/boat-card");
        $this->find('//iframe');
        $this->server->serve();
        $this->page->get("{$this->server->url}/settings");
        $this->button('Sign out')->click();
        $this->see('Open the demo');
        $this->eventually(fn (): bool => $this->page->executeAsyncScript(
            'const done = arguments[0]; caches.has("pages").then((has) => done(!has));',
        ) === true, 'for the pages to be forgotten');
    }

    public function test_signing_out_with_taps_that_are_not_sent_warns_first(): void
    {
        $this->openDemo('/settings');
        $this->page->executeScript('localStorage.setItem("not sent x", JSON.stringify([{id: "a"}, {id: "b"}]))');
        $this->button('Sign out')->click();
        $this->see('2 taps are not sent yet.');
        $this->button('Stay')->click();
        $this->button('Sign out')->click();
        $this->button('Sign out all the same')->click();
        $this->see('Open the demo');
        self::assertStringContainsString('"b"', (string) $this->page->executeScript('return localStorage.getItem("not sent x")'));
    }

    public function test_a_phone_whose_clock_is_ten_minutes_fast_logs_at_the_right_time(): void
    {
        $this->openDemo('/fish');
        $this->page->executeScript('const right = Date.now; Date.now = () => right() + 600000;');
        $ahead = fn (): int => (int) $this->page->executeScript('return JSON.parse(localStorage.getItem("clock"))');
        for ($i = 0; $i < 40 && $ahead() === 0; $i++) {
            usleep(250_000);
        }
        self::assertEqualsWithDelta(-600_000, $ahead(), 1_500.0);
        $before = $this->events();
        $this->button('Drop')->click();
        for ($i = 0; $i < 40 && $this->events() === $before; $i++) {
            usleep(100_000);
        }
        $at = (string) $this->server->records()->query('SELECT at FROM events ORDER BY id DESC LIMIT 1')->fetchColumn();
        self::assertEqualsWithDelta(microtime(true), (float) (new \DateTimeImmutable($at.' UTC'))->format('U.u'), 8.0);
        $this->page->executeScript('localStorage.removeItem("clock")');
    }

    /** Once what is needed without a connection is on the device. */
    private function ready(): void
    {
        $this->page->manage()->timeouts()->setScriptTimeout(20);
        for ($i = 0; $i < 60; $i++) {
            $ready = $this->page->executeAsyncScript(<<<'JS'
                const done = arguments[0];
                caches.open("pages").then((pages) => pages.match("/boat-card")).then((page) =>
                    done(page !== undefined && navigator.serviceWorker.controller !== null));
                JS);
            if ($ready === true) {
                return;
            }
            usleep(300_000);
        }
        self::fail('The worker was not ready in time.');
    }

    private function events(): int
    {
        return (int) $this->server->records()->query('SELECT count(*) FROM events')->fetchColumn();
    }

    protected function tearDown(): void
    {
        // A server that is gone is complained of by the browser, as it should be.
        $this->page->manage()->getLog('browser');
        parent::tearDown();
    }
}
