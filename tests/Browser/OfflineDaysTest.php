<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Browser\Support\Faults;

/**
 * Days on which something goes wrong between the phone and the record. What was made is stored for the right angler, or is
 * kept and told, with a way that then stores it: none lost, none doubled, none elsewhere.
 */
final class OfflineDaysTest extends BrowserTestCase
{
    private const TAPS = 20;

    private const PASSWORD = 'long enough for two';

    protected bool $phone = true;

    private Faults $faults;

    /** Drops of the demo's angler as a test begins. */
    private int $before;

    protected function setUp(): void
    {
        parent::setUp();
        $this->faults = new Faults($this->page);
    }

    protected function tearDown(): void
    {
        $this->faults->forget();
        // A connection that is gone is complained of by the browser, as it should be.
        $this->page->manage()->getLog('browser');
        parent::tearDown();
    }

    /** @return iterable<string, array{string}> */
    public static function answers(): iterable
    {
        yield 'a proxy that knows no such address' => ['404'];
        yield 'a proxy whose server is gone' => ['502'];
        yield 'the page of another network' => ['page'];
        yield 'JSON that is not ours' => ['lookalike'];
        yield 'nothing' => ['off'];
    }

    #[DataProvider('answers')]
    public function test_whatever_else_answers_settles_nothing(string $answer): void
    {
        $this->fish($answer);
        $this->page->navigate()->refresh();
        $this->see(self::TAPS.' to send');
        self::assertSame(0, $this->made());
        $this->sendNow();
        $this->stored(self::TAPS);
    }

    public function test_who_signs_out_finds_it_again_and_another_angler_in_the_same_tab_neither_sees_nor_gets_it(): void
    {
        $this->another();
        $this->fish('off');
        $this->signOut();
        $this->faults->mend('wire');
        $this->signIn();
        $this->page->get("{$this->server->url}/fish");
        $this->see('No outing is under way');
        self::assertStringNotContainsString('to send', $this->text());
        self::assertSame([0, self::TAPS], [$this->made(), $this->kept()]);
        $this->button('More')->click();
        $this->page->get("{$this->server->url}/settings");
        $this->button('Sign out')->click();
        $this->button('Open the demo')->click();
        $this->stored(self::TAPS);
    }

    public function test_a_tab_that_stays_open_beside_another_anglers_sends_nothing_as_them(): void
    {
        $this->another();
        $this->openFish();
        // Somebody else signs in with this browser, in another tab.
        $this->chrome->remember($this->server->url, $this->visitOf('two@example.test'));
        $this->tap(self::TAPS);
        $this->see(self::TAPS.' to send');
        $this->button(self::TAPS.' to send')->click();
        $this->see('Somebody else is signed in here. It waits for you.');
        self::assertSame([0, 0], [$this->made(), $this->drops('two@example.test')]);
        // Seen again, the page is of who is signed in.
        $this->page->executeScript('document.dispatchEvent(new Event("visibilitychange"))');
        $this->see('No outing is under way');
        self::assertStringNotContainsString('to send', $this->text());
        $this->chrome->remember($this->server->url, $this->server->demoVisit());
        $this->page->get("{$this->server->url}/fish");
        $this->stored(self::TAPS);
        self::assertSame(0, $this->drops('two@example.test'));
    }

    public function test_signing_out_in_one_tab_closes_the_other(): void
    {
        $this->openFish();
        $mine = $this->page->getWindowHandle();
        $this->page->switchTo()->newWindow();
        $this->page->get("{$this->server->url}/settings");
        $this->button('Sign out')->click();
        $this->see('Open the demo');
        $this->page->switchTo()->window($mine);
        $this->see('Open the demo');
    }

    public function test_what_was_seen_is_not_found_by_going_back_after_signing_out(): void
    {
        $this->openFish();
        $this->button('All of this outing')->click();
        $this->see('Everything logged');
        $this->button('More')->click();
        $this->button('Settings')->click();
        $this->button('Sign out')->click();
        $this->see('Open the demo');
        for ($i = 0; $i < 3; $i++) {
            $this->page->navigate()->back();
            $this->see('Open the demo');
            self::assertStringNotContainsString('Hallowmere', $this->text());
            self::assertStringNotContainsString('Sign out', $this->text());
        }
    }

    public function test_nor_is_it_found_where_another_request_was_told_of_the_signing_out(): void
    {
        $this->openFish();
        $this->button('All of this outing')->click();
        $this->see('Everything logged');
        $this->page->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]*)/)[1]);
            const asked = { "X-XSRF-TOKEN": token, "X-Inertia": "true", Accept: "text/html" };
            fetch("/sign-out", { method: "POST", headers: asked }).then(() => done());
            JS);
        $this->button('Lure')->click();
        $this->see('Open the demo');
        $this->page->navigate()->back();
        $this->see('Open the demo');
        self::assertStringNotContainsString('Everything logged', $this->text());
    }

    public function test_a_visit_that_is_over_asks_to_sign_in_and_the_taps_wait(): void
    {
        $this->openFish();
        $this->server->forgetVisits();
        $this->tap(self::TAPS);
        $this->button(self::TAPS.' to send')->click();
        $this->see("You're signed out. Sign in again and it's sent.");
        self::assertSame(0, $this->made());
        $this->button('Sign in')->click();
        $this->button('Open the demo')->click();
        // One thing after the other: signed in, then sent.
        $this->see('Tie on the white half-ounce blade');
        $this->stored(self::TAPS);
    }

    public function test_taps_of_an_outing_that_was_joined_follow_it(): void
    {
        $this->fish('off');
        $old = $this->outing();
        $this->elsewhere('POST', "/outings/{$old}/end");
        $this->elsewhere('POST', '/outings', ['uuid' => $new = '0b9c3c1e-0000-4000-8000-00000000aaaa']);
        $this->elsewhere('POST', "/outings/{$old}/join", ['into' => $new]);
        $this->sendNow();
        $this->stored(self::TAPS);
        self::assertSame(self::TAPS, $this->inOuting($new));
    }

    public function test_taps_after_an_outing_was_ended_elsewhere_are_told_everywhere_and_put_into_one(): void
    {
        $this->openFish();
        $old = $this->outing();
        $this->elsewhere('POST', "/outings/{$old}/end");
        $this->tap(self::TAPS);
        $this->see(self::TAPS.' not taken');
        $this->page->get("{$this->server->url}/outings");
        $this->button(self::TAPS.' not taken')->click();
        $this->see('This outing has ended. Start a new one to log more.');
        $this->button('Put them there')->click();
        $this->stored(self::TAPS);
        self::assertSame(self::TAPS, $this->inOuting($old));
    }

    public function test_taps_of_an_outing_that_is_taken_away_wait_until_it_is_back(): void
    {
        $this->fish('off');
        $old = $this->outing();
        $this->elsewhere('DELETE', "/outings/{$old}");
        $this->sendNow();
        $this->see('is taken away, and these taps wait for it.');
        self::assertSame([0, self::TAPS], [$this->made(), $this->kept()]);
        $this->button('Bring it back')->click();
        $this->stored(self::TAPS);
    }

    public function test_taps_of_an_outing_that_is_gone_are_put_into_another_or_let_go_when_that_is_said_twice(): void
    {
        $this->fish('off');
        $this->server->records()->exec("DELETE FROM outings WHERE uuid = '{$this->outing()}'");
        $before = $this->drops(null);
        $this->faults->mend('wire');
        $this->page->navigate()->refresh();
        $this->button(self::TAPS.' not taken')->click();
        $this->see('Its outing is gone from your record');
        $this->button('Let it go')->click();
        $this->button('Yes, let it go for good');
        $this->button('Put them there')->click();
        $this->eventually(fn (): bool => $this->drops(null) === $before + self::TAPS, 'for them to be in another outing');
        $this->eventually(fn (): bool => $this->kept() === 0, 'for nothing to wait any more');
    }

    public function test_a_water_that_was_deleted_and_a_lure_put_away_since_take_nothing_from_what_was_tapped(): void
    {
        $this->openFish();
        $this->faults->set('wire', 'off');
        $this->button('Change one thing')->click();
        $this->find("//*[@role='dialog']//h3/following-sibling::ul//button[contains(., 'spoon')]")->click();
        $this->tap(self::TAPS);
        $this->see((self::TAPS + 1).' to send');
        $records = $this->server->records();
        $water = $records->query(
            "SELECT s.water_id FROM outings o JOIN spots s ON s.id = o.spot_id WHERE o.uuid = '{$this->outing()}'",
        )->fetchColumn();
        $this->elsewhere('DELETE', "/waters/{$water}");
        $ids = $records->query("SELECT id FROM lures WHERE family = 'spoon' AND user_id = {$this->demo()}")->fetchAll(\PDO::FETCH_COLUMN);
        usleep(1_200_000);
        $records->exec("UPDATE lures SET retired_at = '".gmdate('Y-m-d H:i:s')."' WHERE id IN (".implode(',', $ids).')');
        $this->sendNow(self::TAPS + 1);
        $this->stored(self::TAPS);
        self::assertSame('spoon', $records->query(
            'SELECT l.family FROM events e JOIN setups s ON s.id = e.setup_id JOIN lures l ON l.id = s.lure_id ORDER BY e.id DESC LIMIT 1',
        )->fetchColumn(), 'with what was on then');
    }

    /** @return iterable<string, array{int}> ms by which a phone is off */
    public static function clocks(): iterable
    {
        yield 'a day fast' => [86_400_000];
        yield 'a day slow' => [-86_400_000];
    }

    #[DataProvider('clocks')]
    public function test_a_phone_that_is_a_day_off_logs_at_the_right_time(int $ms): void
    {
        $this->page->get("{$this->server->url}/sign-in");
        $this->faults->set('clock', (string) $ms);
        $this->fish('off', unheard: true);
        $this->faults->mend('time');
        $this->sendNow();
        $this->stored(self::TAPS);
        $this->tappedNow();
    }

    public function test_a_clock_that_was_put_right_before_anything_was_heard_is_asked_about_with_its_times(): void
    {
        $this->page->get("{$this->server->url}/sign-in");
        $this->faults->set('clock', '86400000');
        $this->fish('off', unheard: true);
        $this->faults->mend('clock');
        $this->faults->mend('time');
        $this->faults->mend('wire');
        $this->page->navigate()->refresh();
        $this->button(self::TAPS.' not taken')->click();
        $this->see('By its clock this was tapped later than now. Say when it was.');
        $field = $this->find("//input[@type='datetime-local']");
        self::assertStringStartsWith(gmdate('Y-m-d', time() + 86_400), (string) $field->getAttribute('value'));
        $this->page->executeScript(<<<'JS'
            const [field, value] = arguments;
            Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(field, value);
            field.dispatchEvent(new Event("input", { bubbles: true }));
            JS, [$field, gmdate('Y-m-d\TH:i')]);
        $this->button('Move and send')->click();
        $this->stored(self::TAPS);
        $this->tappedNow(90.0);
    }

    public function test_a_phone_without_room_says_so_lastingly_and_gives_what_it_holds_as_a_file(): void
    {
        $this->openFish();
        $this->faults->set('wire', 'off');
        $this->faults->set('room', 'none');
        $this->tap(self::TAPS);
        $this->see(self::TAPS.' not saved: no room');
        $this->button('Phone full: '.self::TAPS.' unsaved')->click();
        $this->see(self::TAPS.' taps are only in this open page');
        self::assertStringNotContainsString('saved on this phone', $this->text());
        self::assertTrue($this->page->executeScript(
            'return !window.dispatchEvent(new Event("beforeunload", { cancelable: true }))',
        ), 'the tab asks before it closes');
        // The file is taken as it is given out, and read in where there is room again.
        $text = (string) $this->page->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            const make = URL.createObjectURL;
            URL.createObjectURL = (blob) => { blob.text().then(done); return make.call(URL, blob); };
            [...document.querySelectorAll("button")].find((one) => one.textContent === "Keep as a file").click();
            JS);
        self::assertCount(self::TAPS, json_decode($text, true)['deeds']);
        $this->faults->mend('room');
        $this->faults->mend('wire');
        $this->page->executeScript('window.addEventListener("beforeunload", (event) => event.stopImmediatePropagation(), true)');
        $this->page->get("{$this->server->url}/outings");
        $this->page->switchTo()->defaultContent();
        $file = sys_get_temp_dir().'/eskith-phone-'.bin2hex(random_bytes(4)).'.json';
        file_put_contents($file, $text);
        $this->find("//label[contains(., 'Choose taps kept on a phone')]");
        $this->page->findElement(\Facebook\WebDriver\WebDriverBy::xpath(
            "//label[contains(., 'Choose taps kept on a phone')]//input",
        ))->setFileDetector(new \Facebook\WebDriver\Remote\LocalFileDetector)->sendKeys($file);
        $this->see('of '.self::TAPS.' taken in');
        unlink($file);
        $this->stored(self::TAPS);
    }

    public function test_characters_that_cannot_be_read_hold_up_nothing(): void
    {
        $this->openFish();
        $this->faults->set('wire', 'off');
        $this->button('Fish on')->click();
        $this->button('another')->click();
        $name = $this->find('//input[@placeholder="unknown"]');
        $this->page->executeScript(<<<'JS'
            const [field] = arguments;
            Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(field, "zander\u0007");
            field.dispatchEvent(new Event("input", { bubbles: true }));
            JS, [$name]);
        self::assertSame('zander', $name->getAttribute('value'), 'as it is typed');
        $this->button('Landed')->click();
        // One of the version before, which let it through.
        $this->put(['do' => 'log', 'entry' => ['kind' => 'fish', 'species' => "zander\u{7}", 'length' => '9 ft']]);
        $this->tap(self::TAPS);
        $this->sendNow(self::TAPS + 2);
        $this->see('1 not taken');
        $this->see('A fish measures between');
        $this->eventually(fn (): bool => $this->made() === self::TAPS, 'for the rest to be stored');
        $length = $this->find("//label[normalize-space()='Length']/following-sibling::input");
        $length->sendKeys([WebDriverKeys::CONTROL, 'a'])->sendKeys('19 in');
        $this->button('Mend and send')->click();
        $this->eventually(fn (): bool => (int) $this->server->records()->query(
            "SELECT count(*) FROM events WHERE species = 'zander' AND user_id = {$this->demo()}",
        )->fetchColumn() === 2, 'for both fish to be stored');
        $this->eventually(fn (): bool => $this->kept() === 0, 'for nothing to wait any more');
    }

    public function test_what_the_version_before_left_in_line_is_sent(): void
    {
        $this->openFish();
        $this->faults->set('wire', 'off');
        for ($i = 0; $i < self::TAPS; $i++) {
            $this->put(['do' => 'log', 'entry' => ['kind' => 'drop']]);
        }
        $this->page->navigate()->refresh();
        $this->see(self::TAPS.' to send');
        $this->sendNow();
        $this->stored(self::TAPS);
    }

    public function test_a_browser_that_is_killed_loses_nothing(): void
    {
        $this->fish('off');
        $this->page = $this->chrome->killed();
        $this->faults = new Faults($this->page);
        // Whether it remembers the visit is left to the browser: one signs in again.
        $this->chrome->forgetVisit();
        $this->page->get("{$this->server->url}/sign-in");
        $this->faults->mend('wire');
        $this->button('Open the demo')->click();
        $this->stored(self::TAPS);
    }

    public function test_coming_back_to_a_tab_without_a_connection_and_another_tab_leave_what_is_half_typed(): void
    {
        $this->openFish();
        $this->untilKept();
        $this->page->executeScript('window.mine = 1');
        $first = $this->page->getWindowHandle();
        $this->page->switchTo()->newWindow();
        $this->page->get("{$this->server->url}/fish");
        $this->find("//button[normalize-space()='Drop']");
        $this->tap(self::TAPS);
        $this->stored(self::TAPS);
        $this->page->switchTo()->window($first);
        $this->seeCounter('drops since a bite', (string) (self::TAPS + $this->begunWith));
        self::assertSame(1, $this->page->executeScript('return window.mine'), 'not loaded anew');
        $this->button('Fish on')->click();
        $this->find('//input[@placeholder="not measured"]')->sendKeys('63 cm');
        $this->server->kill();
        $this->page->executeScript('document.dispatchEvent(new Event("visibilitychange"))');
        usleep(700_000);
        self::assertSame('63 cm', $this->find('//input[@placeholder="not measured"]')->getAttribute('value'));
        self::assertSame(1, $this->page->executeScript('return window.mine'), 'nor without a connection');
        $this->page->navigate()->refresh();
        self::assertSame('63 cm', $this->find('//input[@placeholder="not measured"]')->getAttribute('value'), 'nor by a reload');
        $this->button('Landed')->click();
        $this->see('1 to send');
        $this->server->serve();
        $this->sendNow(1);
        $this->eventually(fn (): bool => (int) $this->server->records()->query(
            "SELECT count(*) FROM events WHERE length_text = '63 cm' AND user_id = {$this->demo()}",
        )->fetchColumn() === 1, 'for the fish to be stored');
    }

    private int $begunWith = 0;

    /** Opens Fish as the demo's angler. */
    private function openFish(): void
    {
        $this->openDemo('/fish');
        $this->find("//button[normalize-space()='Drop']");
        $this->begunWith = (int) $this->counter('drops since a bite');
        $this->before = $this->drops(null);
        $this->page->manage()->timeouts()->setScriptTimeout(self::PATIENCE_S);
    }

    /** Fishes for a while over a connection that is no good. */
    private function fish(string $answer, bool $unheard = false): void
    {
        $this->openFish();
        $this->faults->set('wire', $answer);
        if ($unheard) {
            // The time has not been heard either.
            $this->faults->set('time', 'off');
            $this->page->executeScript('localStorage.removeItem("clock")');
            $this->page->navigate()->refresh();
        }
        $this->tap(self::TAPS);
        $this->see(self::TAPS.' to send');
        $this->eventually(fn (): bool => $this->kept() === self::TAPS, 'for all of it to be on the device');
    }

    private function tap(int $times): void
    {
        $this->page->executeScript(
            'for (let i = 0; i < arguments[1]; i++) arguments[0].click()', [$this->find("//button[normalize-space()='Drop']"), $times],
        );
    }

    /** The connection is good again, and somebody presses. */
    private function sendNow(int $taps = self::TAPS): void
    {
        $this->button("{$taps} to send")->click();
        $this->button('Send now');
        $this->faults->mend('wire');
        // It may be sent by itself meanwhile.
        $this->page->executeScript('[...document.querySelectorAll("button")].find((one) => one.textContent === "Send now")?.click()');
    }

    private function stored(int $taps): void
    {
        $this->eventually(fn (): bool => $this->made() >= $taps, "for {$taps} to be stored");
        self::assertSame($taps, $this->made(), 'and none doubled');
        $this->eventually(fn (): bool => $this->kept() === 0, 'for nothing to wait any more');
    }

    /** That the last drops lie within the last minute. */
    private function tappedNow(float $within = 60.0): void
    {
        $times = $this->server->records()->query(
            "SELECT at FROM events WHERE user_id = {$this->demo()} AND kind = 'drop' ORDER BY id DESC LIMIT ".self::TAPS,
        )->fetchAll(\PDO::FETCH_COLUMN);
        foreach ($times as $at) {
            self::assertEqualsWithDelta(microtime(true), (float) (new \DateTimeImmutable("{$at} UTC"))->format('U.u'), $within);
        }
    }

    /** Drops stored since the test began. */
    private function made(): int
    {
        return $this->drops(null) - $this->before;
    }

    private function drops(?string $email): int
    {
        $angler = $email === null ? $this->demo() : "(SELECT id FROM users WHERE email = '{$email}')";

        return (int) $this->server->records()->query(
            "SELECT count(*) FROM events WHERE kind = 'drop' AND user_id = {$angler}",
        )->fetchColumn();
    }

    private function demo(): int
    {
        return (int) $this->server->records()->query("SELECT id FROM users WHERE email = 'demo@eskith.invalid'")->fetchColumn();
    }

    private function outing(): string
    {
        return (string) $this->server->records()->query(
            "SELECT uuid FROM outings WHERE user_id = {$this->demo()} AND ended_at IS NULL",
        )->fetchColumn();
    }

    /** Drops in an outing since the test began. */
    private function inOuting(string $uuid): int
    {
        return (int) $this->server->records()->query(
            "SELECT count(*) FROM events e JOIN outings o ON o.id = e.outing_id WHERE o.uuid = '{$uuid}' AND e.kind = 'drop' "
                .'AND e.id > (SELECT max(id) - '.self::TAPS.' FROM events)',
        )->fetchColumn();
    }

    /** What waits on the device, or was not taken. */
    private function kept(): int
    {
        return (int) $this->page->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            const open = indexedDB.open("eskith");
            open.onsuccess = () => {
                const stores = open.result.transaction(["deeds", "turned"]);
                const counts = ["deeds", "turned"].map((name) => stores.objectStore(name).count());
                stores.oncomplete = () => { open.result.close(); done(counts[0].result + counts[1].result); };
            };
            JS);
    }

    /**
     * Something in line as the version before left it.
     *
     * @param  array<string, mixed>  $deed
     */
    private function put(array $deed): void
    {
        $this->page->executeAsyncScript(<<<'JS'
            const [angler, deed, done] = arguments;
            const open = indexedDB.open("eskith");
            open.onsuccess = () => {
                const deeds = open.result.transaction("deeds", "readwrite").objectStore("deeds");
                deeds.add({ angler, deed: { id: crypto.randomUUID(), at: new Date().toISOString(), rod: null, setup: null, ...deed } });
                deeds.transaction.oncomplete = () => { open.result.close(); done(); };
            };
            JS, [$this->demo(), ['outing' => $this->outing(), ...$deed]]);
    }

    private function signOut(): void
    {
        $this->page->get("{$this->server->url}/settings");
        $this->button('Sign out')->click();
        $this->button('Sign out all the same')->click();
        $this->see('Open the demo');
    }

    private function signIn(): void
    {
        $this->find("//label[normalize-space()='E-mail']/following-sibling::input")->sendKeys('two@example.test');
        $this->find("//label[normalize-space()='Password']/following-sibling::input")->sendKeys(self::PASSWORD);
        $this->button('Sign in')->click();
        $this->see('Your box is empty');
    }

    /** Makes an account of somebody else. */
    private function another(): void
    {
        $this->request($jar = new CookieJar)->get('/register');
        $this->request($jar)->post('/register', ['json' => ['name' => 'Two', 'email' => 'two@example.test', 'password' => self::PASSWORD]]);
    }

    /** @return array<string, string> cookies of who signs in with an e-mail */
    private function visitOf(string $email): array
    {
        $this->request($jar = new CookieJar)->get('/sign-in');
        $this->request($jar)->post('/sign-in', ['json' => ['email' => $email, 'password' => self::PASSWORD]]);

        return array_column($jar->toArray(), 'Value', 'Name');
    }

    /**
     * The demo's angler does something on another device.
     *
     * @param  array<string, mixed>  $json
     */
    private function elsewhere(string $method, string $path, array $json = []): void
    {
        static $jars = [];
        $jar = $jars[$this->server->url] ??= CookieJar::fromArray($this->server->demoVisit(), '127.0.0.1');
        $answer = $this->request($jar)->request($method, $path, ['json' => $json]);
        self::assertLessThan(400, $answer->getStatusCode(), (string) $answer->getBody());
    }

    private function request(CookieJar $jar): Client
    {
        $token = urldecode($jar->getCookieByName('XSRF-TOKEN')?->getValue() ?? '');

        return new Client([
            'base_uri' => $this->server->url, 'cookies' => $jar, 'allow_redirects' => false, 'timeout' => self::PATIENCE_S,
            'http_errors' => false,
            'headers' => ['X-XSRF-TOKEN' => $token],
        ]);
    }
}
