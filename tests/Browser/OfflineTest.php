<?php

declare(strict_types=1);

namespace Tests\Browser;

/** On the water there is no network: the server is gone, and the phone goes on. */
final class OfflineTest extends BrowserTestCase
{
    protected bool $phone = true;

    public function test_thirty_things_on_two_rods_are_logged_without_a_server_and_none_is_lost_or_doubled(): void
    {
        $this->openDemo('/fish');
        $this->untilKept();
        $before = $this->events();
        $this->server->kill();
        $this->page->navigate()->refresh();
        $drops = (int) $this->counter('drops since a bite');
        for ($i = 1; $i <= 15; $i++) {
            $this->button('Drop')->click();
        }
        $this->seeCounter('drops since a bite', (string) ($drops + 15));
        $this->find("//section[@aria-label='Rods on board']//button[contains(., 'Casting rod')]")->click();
        $this->see('Saved here, 16 to send');
        for ($i = 1; $i <= 13; $i++) {
            $this->button('Drop')->click();
        }
        $this->button('Fish on')->click();
        $this->button('Landed')->click();
        $this->button('Foul')->click();
        $this->see('Saved here, 31 to send');
        // One is changed, one is taken back, one thing is tied on.
        $this->button('Earlier')->click();
        $walleye = $this->button('Walleye, Casting rod');
        $this->page->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$walleye]);
        $walleye->click();
        $this->find("//*[@role='dialog']//input[@placeholder='no tag']")->sendKeys('H 1204');
        $this->button('lost')->click();
        $this->button('Keep')->click();
        $this->see('Walleye, lost');
        $this->button('Undo')->click();
        $this->see('Taken back: Foul, Casting rod');
        $this->button('Change one thing')->click();
        $this->find("//*[@role='dialog']//h3/following-sibling::ul//button[contains(., 'spoon')]")->click();
        $this->see('Saved here, 34 to send');
        $this->find('//h1[contains(., "spoon")]');
        // The phone is put away: the browser is closed, and opened later.
        $this->page = $this->chrome->reopen();
        $this->page->get("{$this->server->url}/fish");
        $this->see('Saved here, 34 to send');
        $this->find('//h1[contains(., "spoon")]');
        $this->server->serve();
        $this->button('34 to send')->click();
        $this->button('Send now')->click();
        $this->see('Everything has arrived.');
        $this->seeAllSaved();
        $records = $this->server->records();
        self::assertSame($before + 30, $this->events(), 'nothing lost, nothing doubled');
        $new = $records->query(
            "SELECT r.name, e.kind, count(*), max(e.landed), max(e.tag)
             FROM events e JOIN setups s ON s.id = e.setup_id JOIN rods r ON r.id = s.rod_id
             WHERE e.id > (SELECT id FROM events ORDER BY id LIMIT 1 OFFSET {$before} - 1) AND e.undone_at IS NULL
             GROUP BY 1, 2 ORDER BY 1, 2",
        )->fetchAll(\PDO::FETCH_NUM);
        self::assertSame([
            ['Casting rod', 'drop', 13, null, null], ['Casting rod', 'fish', 1, 0, 'H 1204'], ['Vertical rod', 'drop', 15, null, null],
        ], $new);
        self::assertSame('spoon', $records->query(
            'SELECT l.family FROM setups s JOIN lures l ON l.id = s.lure_id ORDER BY s.id DESC LIMIT 1',
        )->fetchColumn());
    }

    public function test_the_trainer_the_plan_and_the_boat_card_open_without_a_server_and_nothing_stays_after_signing_out(): void
    {
        $this->openDemo('/fish');
        $this->untilKept();
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

    public function test_every_station_opens_without_a_server_as_it_was_and_a_page_that_is_not_kept_says_so(): void
    {
        $this->openDemo('/fish');
        $this->untilKept('/cadences');
        $this->server->kill();
        // Ten minutes later.
        $this->page->executeScript('localStorage.setItem("clock", "600000")');
        $headings = [
            '/' => 'Tie on the', '/lure' => 'Tie on the', '/water' => 'is down in', '/rig' => 'Rig is good', '/work' => 'hop',
            '/look-back' => 'bites', '/outings' => 'outings kept', '/tackle' => 'lures in the box', '/gear' => 'before you go',
            '/places' => 'Look first', '/rules' => 'The rules', '/settings' => 'Settings', '/this-phone' => 'This phone',
            '/cadences' => 'Cadences at their usual numbers',
        ];
        foreach ($headings as $path => $words) {
            $this->page->get($this->server->url.$path);
            self::assertStringContainsString($words, $this->find('//h1')->getText(), $path);
            // Shortly before midnight that was on another day, and the day is said too.
            $this->see('No signal: as it was');
            self::assertMatchesRegularExpression('/No signal: as it was (on \w+ \d+ )?at \d/', $this->text(), $path);
        }
        $this->page->get("{$this->server->url}/lure");
        $this->see('Other schools: needs a signal');
        $this->button('Pin')->click();
        $this->see('No connection: not pinned. Try again.');
        $this->page->get("{$this->server->url}/account");
        $this->see('No signal, and this page is not kept here.');
        self::assertNull($this->page->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            caches.match("/no-signal", { ignoreSearch: true }).then((page) => page.text()).then((text) => {
                const page = new DOMParser().parseFromString(text, "text/html").querySelector("script[data-page]");
                done(JSON.parse(page.textContent).props.angler);
            });
            JS), 'it is kept for whoever comes next, too');
        $this->button('Tackle box')->click();
        $this->see('lures in the box');
        $this->page->get("{$this->server->url}/account");
        $this->server->serve();
        $this->button('Try again')->click();
        $this->see('Everything as one file');
        self::assertStringNotContainsString('No signal', $this->text());
    }

    public function test_signing_out_with_taps_that_are_not_sent_warns_first_and_keeps_them_for_who_did_them(): void
    {
        $this->openDemo('/settings');
        $before = $this->events();
        [$angler, $outing] = $this->server->records()->query('SELECT user_id, uuid FROM outings WHERE ended_at IS NULL')
            ->fetch(\PDO::FETCH_NUM);
        // The page makes the place of what waits itself: who opens it before the page does finds it empty.
        $this->eventually(fn (): bool => $this->page->executeAsyncScript(
            'const done = arguments[0]; indexedDB.databases().then((all) => done(all.some(({ name }) => name === "eskith")));',
        ) === true, 'for the place of what waits');
        $this->page->executeAsyncScript(<<<'JS'
            const [angler, outing, done] = arguments;
            const open = window.fetch;
            window.fetch = (url, ...rest) => String(url).includes("/taps") ? Promise.reject(new TypeError("off")) : open(url, ...rest);
            const opening = indexedDB.open("eskith");
            opening.onsuccess = () => {
                const deeds = opening.result.transaction("deeds", "readwrite").objectStore("deeds");
                for (const id of ["0b9c3c1e-0000-4000-8000-000000000001", "0b9c3c1e-0000-4000-8000-000000000002"]) {
                    const at = new Date().toISOString();
                    deeds.add({ angler, deed: { do: "log", id, outing, at, rod: null, setup: null, entry: { kind: "drop" } } });
                }
                deeds.transaction.oncomplete = () => { opening.result.close(); done(); };
            };
            JS, [(int) $angler, $outing]);
        $this->button('Sign out')->click();
        $this->see('2 taps are not sent yet.');
        $this->button('Stay')->click();
        $this->button('Sign out')->click();
        $this->button('Sign out all the same')->click();
        $this->see('Open the demo');
        self::assertSame([2, $before], [$this->kept(), $this->events()]);
        $this->openDemo('/fish');
        $this->seeAllSaved();
        self::assertSame([0, $before + 2], [$this->kept(), $this->events()]);
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

    /** What waits on the device. */
    private function kept(): int
    {
        return (int) $this->page->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            const open = indexedDB.open("eskith");
            open.onsuccess = () => {
                const count = open.result.transaction("deeds").objectStore("deeds").count();
                count.onsuccess = () => { open.result.close(); done(count.result); };
            };
            JS);
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
