<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverKeys;
use PDO;

/** A whole day with no signal, from the first reading to the end; then there is one, and the record holds that day. */
final class DayWithoutSignalTest extends BrowserTestCase
{
    protected bool $phone = true;

    /** Between two things the browser is left open or closed, in turns: what comes next is asked of both. */
    private bool $isClosed = false;

    public function test_a_day_is_fished_by_what_the_device_proposes_and_arrives_as_it_was(): void
    {
        $this->takeAlong();
        $before = (int) $this->one('SELECT max(id) FROM outings');
        $this->server->kill();
        // What the device proposes for the water as it is read there.
        $this->open('/lure');
        $this->read('depth', '31 ft');
        $this->see('kept here, and sent when there is one');
        $this->press('escape');
        $this->see('in 31 ft');
        $first = $this->eventually($this->proposed(...), 'for a lure');
        $this->click('Fish this one');
        // The outing has begun with it.
        $this->heading($first);
        $this->see('Saved here, 3 to send');
        // Its drop is worked out here, for the depth as it was read.
        $this->see('in 31 ft: line leans');
        $this->click('Drop');
        $this->click('Fish on');
        $this->click('Landed');
        $this->click('Move');
        $this->clickOn(fn (): RemoteWebElement => $this->find("//*[@role='dialog']//ul//button"), 'the first spot');
        $this->see('Saved here, 6 to send');
        $this->heading($first);
        $this->between();
        $this->open('/water');
        $this->read('depth', '22 ft');
        $this->see('kept here, and sent when there is one');
        $this->press('escape');
        $this->measure('9 s');
        $this->between();
        $this->open('/fish');
        $this->see('White half-ounce blade in 22 ft');
        $this->click('Drop');
        $this->click('Snag');
        $this->click('Snag, Vertical rod');
        $this->click('is lost');
        $this->click('Keep');
        $this->heading('Nothing on this rod');
        $this->between();
        // The next is what the device proposes without it.
        $this->open('/lure');
        $second = $this->eventually(fn (): ?string => $this->proposed() === $first ? null : $this->proposed(), 'for another lure');
        $this->click('Fish this one');
        $this->heading($second);
        $this->click('Drop');
        $this->click('End the outing');
        $this->click('Yes, end it');
        $this->see("as soon as there's a connection");
        self::assertSame($before, (int) $this->one('SELECT max(id) FROM outings'), 'the server knows nothing of it');

        $this->between();
        $this->server->serve();
        $this->open('/fish');
        $this->eventually(fn (): bool => $this->one(
            "SELECT count(*) FROM outings WHERE id > {$before} AND ended_at IS NOT NULL",
        ) === 1, 'for the day to arrive');
        $this->see('No outing is under way');
        $day = (int) $this->one("SELECT id FROM outings WHERE id > {$before}");
        $from = $this->one("SELECT spot_id FROM outings WHERE id = {$day}");
        $to = $this->one("SELECT spot_id FROM moves WHERE outing_id = {$day}");
        self::assertNotSame($from, $to);
        self::assertSame(
            [['drop', $from], ['fish', $from], ['drop', $to], ['snag', $to], ['drop', $to]],
            $this->rows(
                "SELECT e.kind, s.spot_id FROM events e JOIN setups s ON s.id = e.setup_id WHERE e.outing_id = {$day} ORDER BY e.at",
            ),
        );
        // With the lures that were told, the first of which was lost; each read as deep as it was then.
        self::assertSame([[1, 0], [1, 1], [2, 0]], $this->rows(
            "SELECT dense_rank() OVER (ORDER BY first), lost FROM (
                SELECT s.tied_at AS tied, min(s.tied_at) OVER (PARTITION BY s.lure_id) AS first,
                    (SELECT count(*) FROM events e WHERE e.setup_id = s.id AND e.lure_lost = 1) AS lost
                FROM setups s WHERE s.outing_id = {$day}
            ) ORDER BY tied",
        ));
        self::assertSame(
            [['drop', '31 ft'], ['drop', '22 ft'], ['drop', '22 ft']],
            $this->rows(
                "SELECT kind, cast(round(depth_m / 0.3048) AS int) || ' ft' FROM events
                 WHERE outing_id = {$day} AND kind = 'drop' ORDER BY at",
            ),
        );
        self::assertSame(
            '31 ft', json_decode((string) $this->one("SELECT readings FROM outings WHERE id = {$day}"), true)['depth'],
        );
        self::assertSame('22 ft', $this->one("SELECT text FROM readings WHERE name = 'depth'"));
        self::assertSame(
            ["timed over 22\u{A0}ft in 9 s"], array_column($this->rows('SELECT method FROM measurements ORDER BY id DESC LIMIT 1'), 0),
        );
    }

    /** A drop is timed: the device says what that changes. */
    private function measure(string $seconds): void
    {
        $this->click('Measure');
        $this->find("//label[normalize-space()='Time']/following-sibling::input")->sendKeys($seconds);
        $this->click('Keep this measurement');
        $this->see('Seconds to the bottom use your timed drop now. It waits here for a signal.');
        $this->see('on this phone, not sent yet');
    }

    /** Taken along by one with a single lure of each, and no outing under way. */
    private function takeAlong(): void
    {
        $this->server->records()->exec('UPDATE lures SET quantity = 1, lost = 0');
        $this->openDemo('/fish');
        $this->click('End the outing');
        $this->click('Yes, end it');
        $this->see('No outing is under way');
        $this->untilKept('/rig');
        $this->click('Take it along');
        $this->see('Taken along');
    }

    private function open(string $path): void
    {
        $this->page->get($this->server->url.$path);
    }

    private function between(): void
    {
        $this->isClosed = ! $this->isClosed;
        if ($this->isClosed) {
            $this->page = $this->chrome->reopen();
        }
    }

    private function read(string $reading, string $text): void
    {
        $this->clickOn(fn (): RemoteWebElement => $this->find("//button[@data-reading='{$reading}']"), $reading);
        $field = $this->find("//*[@role='dialog']//input[@type='text' or not(@type)]");
        $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $field->sendKeys($text.WebDriverKeys::ENTER);
    }

    /** What is told to tie on. */
    private function proposed(): string
    {
        return trim(preg_replace('/^Tie on the /', '', $this->find('//h1')->getText()) ?? '', '. ');
    }

    /** Words of the heading, in whatever order it has them: "white half-ounce blade" is "1/2 oz blade, white". */
    private function heading(string $words): void
    {
        $last = (array) preg_split('/[\s,]+/', $words);
        $this->eventually(fn (): bool => array_filter($last, fn (string $word): bool => str_contains(
            mb_strtolower($this->find('//h1')->getText()), mb_strtolower($word),
        )) !== [], "for the heading to tell of {$words}");
    }

    private function one(string $query): mixed
    {
        return $this->server->records()->query($query)->fetchColumn();
    }

    /** @return list<list<mixed>> */
    private function rows(string $query): array
    {
        return $this->server->records()->query($query)->fetchAll(PDO::FETCH_NUM);
    }

    /** The server was away: what the browser complains of then is not counted. */
    protected function tearDown(): void
    {
        $this->page->manage()->getLog('browser');
        parent::tearDown();
    }
}
