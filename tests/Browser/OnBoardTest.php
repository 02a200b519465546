<?php

declare(strict_types=1);

namespace Tests\Browser;

use Eskith\Telling\Question;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Situations;

/** With no signal the device works out the answers itself, by the same rules. */
final class OnBoardTest extends BrowserTestCase
{
    /** Situations that are drawn; with more of them in the environment, as many as that. */
    private const DRAWN = 5;

    protected bool $phone = true;

    public function test_a_reading_changed_with_no_signal_is_answered_kept_and_sent_when_there_is_one(): void
    {
        $this->takeAlong();
        $before = $this->records('SELECT text FROM readings WHERE name = \'depth\'');
        $this->server->kill();
        // Ten minutes later.
        $this->page->executeScript('localStorage.setItem("clock", "600000")');
        $this->page->get("{$this->server->url}/lure");
        $this->see('worked out here, from what was known');
        $this->change('depth', '47 ft');
        $this->see('kept here, and sent when there is one');
        $this->press('escape');
        $this->eventually(fn (): bool => str_contains($this->reading('depth'), '47 ft'), 'for the depth as it was typed');
        // The application is closed and opened again; then another station, which was not open before.
        $this->page = $this->chrome->reopen();
        $this->page->get("{$this->server->url}/rig");
        $this->see('worked out here, from what was known');
        $this->eventually(fn (): bool => str_contains($this->reading('depth'), '47 ft'), 'for the same at Rig');
        self::assertSame($before, $this->records('SELECT text FROM readings WHERE name = \'depth\''), 'the server knows nothing of it');

        $this->server->serve();
        $this->page->get("{$this->server->url}/lure");
        $this->eventually(
            fn (): bool => $this->records('SELECT text FROM readings WHERE name = \'depth\'') === ['47 ft'], 'for it to be sent',
        );
    }

    public function test_nothing_of_it_stays_for_who_signs_in_next(): void
    {
        $this->takeAlong();
        $this->page->get("{$this->server->url}/settings");
        $this->click('Sign out');
        $this->see('Sign in');
        self::assertFalse($this->page->executeAsyncScript(<<<'JS'
            const [done] = arguments;
            caches.open("pages").then((pages) => pages.match("/kit")).then((kit) => done(kit !== undefined));
            JS), 'what is known of an angler goes with them');
    }

    public function test_after_a_new_build_what_is_missing_is_fetched_and_only_then_goes_what_is_old(): void
    {
        $this->takeAlong();
        $kept = fn (): array => $this->page->executeAsyncScript(<<<'JS'
            const [done] = arguments;
            caches.open("on board").then((files) => files.keys())
                .then((all) => done(all.map(({ url }) => url.replace(/.*[/]/, "").replace(/-[^-]*$/, "")).sort()));
            JS);
        $whole = $kept();
        self::assertCount(4, $whole);
        $this->page->executeAsyncScript(<<<'JS'
            const [done] = arguments;
            (async () => {
                const files = await caches.open("on board");
                const rooms = (await files.keys()).find(({ url }) => url.includes("/rooms-"));
                await files.delete(rooms);
                await files.put("/build/assets/earlier-12345678.json", new Response("{}"));
            })().then(done);
            JS);
        self::assertContains('earlier', $kept());
        $this->page->get("{$this->server->url}/fish");
        $this->eventually(fn (): bool => $kept() === $whole, 'for what answers on this device to be whole again');
        // A page that was left in the middle of it has fetched all, and let go of nothing.
        $this->page->executeAsyncScript(<<<'JS'
            const [done] = arguments;
            caches.open("on board").then((files) => files.put("/build/assets/earlier-12345678.json", new Response("{}"))).then(done);
            JS);
        $this->page->get("{$this->server->url}/fish");
        $this->eventually(fn (): bool => $kept() === $whole, 'for what an earlier build left to go');
    }

    public function test_every_question_is_answered_alike_by_the_server_and_by_the_device(): void
    {
        $this->takeAlong();
        $this->page->executeScript(<<<'JS'
            window.device = (async () => {
                const kept = (await (await caches.open("on board")).keys()).map(({ url }) => url);
                const find = (part) => kept.find((url) => url.includes(part));
                const worker = new Worker(find("/worker-"), { type: "module" });
                const kit = await (await (await caches.open("pages")).match("/kit")).text();
                worker.postMessage({ open: { runtime: find(".mjs"), wasm: find(".wasm"), rooms: find("/rooms-"), kit } });
                return worker;
            })();
            const device = async (question, given) => {
                const worker = await window.device;
                const answered = await new Promise((resolve) => {
                    worker.onmessage = ({ data }) => resolve(data);
                    const asked = { question, given, done: [], now: Date.now() / 1000 };
                    worker.postMessage({ id: 1, asked: JSON.stringify(asked) });
                });
                return answered.answered ?? answered.failed;
            };
            const token = () => decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]*)/)[1]);
            const sent = (path, given) => fetch(`/${path}`, {
                method: "POST",
                headers: { Accept: "application/json", "Content-Type": "application/json", "X-XSRF-TOKEN": token() },
                body: JSON.stringify(given),
            });
            window.both = async (path, given, isLong, twice) => {
                const before = twice ? await device(path, given) : null;
                const response = await (isLong
                    ? sent(path, given)
                    : fetch(`/${path}?${new URLSearchParams(given)}`, { headers: { Accept: "application/json" } }));
                const server = await response.text();
                const after = await device(path, given);
                return [response.status, server, before ?? after, after];
            };
            JS);
        $random = new Randomizer(new Mt19937(271));
        $count = (int) (getenv('ESKITH_SITUATIONS') ?: self::DRAWN);
        $alike = array_fill_keys(array_column(Question::cases(), 'value'), 0);
        for ($i = 0; $i < $count; $i++) {
            $tried = Situations::drawn($random);
            [$status, $answer] = $this->alike(Question::Answer, $tried);
            if ($status !== 200) {
                continue;
            }
            $keys = array_column((array) json_decode($answer, true)['rack'], 'key');
            foreach (Question::cases() as $question) {
                [$status] = $this->alike($question, [...$tried, ...Situations::given($question, $keys[0], $keys[$i % count($keys)])]);
                $alike[$question->value] += (int) ($status === 200);
            }
        }
        self::assertSame([], array_keys($alike, 0, true), 'each was answered');
    }

    /**
     * @param  array<string, string>  $given
     * @return array{int, string} what the server answered
     */
    private function alike(Question $question, array $given): array
    {
        $where = $question->value.' '.json_encode($given);
        $hangsOnTheMoment = $question === Question::Timing;
        // What hangs on it is asked before the server and after it: where the device says the same twice, the server said it in between.
        [$status, $server, $device, $told] = $this->eventually(function () use ($question, $given, $hangsOnTheMoment, $where): ?array {
            [$status, $server, $before, $device] = $this->page->executeAsyncScript(
                'const [path, given, isLong, twice, done] = arguments;
                window.both(path, given, isLong, twice).then(done, (error) => done([0, "", "", String(error)]));',
                [$question->value, (object) $given, $question->isLong(), $hangsOnTheMoment],
            );
            $told = json_decode($device, true);
            self::assertIsArray($told, "{$where}: {$device}");
            $isSteady = $this->rounded(json_decode($before, true), $hangsOnTheMoment) === $this->rounded($told, $hangsOnTheMoment);

            return $isSteady ? [$status, $server, $device, $told] : null;
        }, "for a moment at which nothing turns: {$where}");
        $body = json_decode($server, true);
        if ($question === Question::SecondLook && $status === 200) {
            // What worked here before is read from the record.
            $body['before'] = $told['body']['before'];
        }
        self::assertSame(
            [$status, $this->rounded($body, $hangsOnTheMoment)], [$told['status'], $this->rounded($told['body'], $hangsOnTheMoment)],
            $where,
        );
        if ($question !== Question::SecondLook && ! $hangsOnTheMoment && $status === 200) {
            self::assertSame('{"status":200,"body":'.$server.'}', $device, "{$where}, byte for byte");
        }

        return [$status, $server];
    }

    /** Where an hour goes hangs on how long the outing has been under way, to the second. */
    private function rounded(mixed $body, bool $isWanted): mixed
    {
        if ($isWanted && is_array($body)) {
            array_walk_recursive($body, static fn (mixed & $one) => $one = is_float($one) ? round($one, 4) : $one);
        }

        return $body;
    }

    /** The server was away: what the browser complains of then is not counted. */
    protected function tearDown(): void
    {
        $this->page->manage()->getLog('browser');
        parent::tearDown();
    }

    private function takeAlong(): void
    {
        $this->openDemo('/fish');
        $this->untilKept('/rig');
        $this->page->get("{$this->server->url}/settings");
        $this->click('Take it along');
        $this->see('Taken along');
    }

    private function change(string $reading, string $text): void
    {
        $this->find("//button[@data-reading='{$reading}']")->click();
        $field = $this->find("//*[@role='dialog']//input[@type='text' or not(@type)]");
        $field->sendKeys([\Facebook\WebDriver\WebDriverKeys::CONTROL, 'a']);
        $field->sendKeys($text.\Facebook\WebDriver\WebDriverKeys::ENTER);
    }

    private function reading(string $name): string
    {
        return str_replace("\u{A0}", ' ', $this->find("//button[@data-reading='{$name}']")->getText());
    }

    /** @return list<mixed> */
    private function records(string $query): array
    {
        return $this->server->records()->query($query)->fetchAll(\PDO::FETCH_COLUMN);
    }
}
