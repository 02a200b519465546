<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** The whole way from the readings to a logged fish. */
final class JourneyTest extends BrowserTestCase
{
    protected bool $keeps = false;

    public function test_from_readings_to_a_logged_fish_that_is_still_there_after_a_reload(): void
    {
        $this->openDemo();
        $this->changeReadingsByKeyboard();
        $this->endTheDemosOuting();
        $this->page->get("{$this->server->url}/lure");
        $this->button('Fish this one')->click();
        $this->see('Nothing logged yet');

        foreach (['1', '2', '3'] as $count) {
            $this->button('Drop')->click();
            $this->seeCounter('drops, no bite yet', $count);
        }
        $this->button('Bite')->click();
        $this->button('On the fall')->click();
        $this->see('Bite, on the fall');
        $this->button('Fish on')->click();
        $this->find('//input[@placeholder="not measured"]')->sendKeys('9 ft');
        $this->button('Landed')->click();
        $this->button('1 not taken')->click();
        $this->see('A fish measures between');
        $length = $this->find("//label[normalize-space()='Length']/following-sibling::input");
        self::assertSame('9 ft', $length->getAttribute('value'), 'what was typed is kept');
        $length->sendKeys([WebDriverKeys::CONTROL, 'a'])->sendKeys('18½');
        $this->button('Mend and send')->click();
        $this->see('Everything has arrived.');
        $this->button('Close')->click();
        // The touch before it was the fish.
        $this->see('Walleye, 18½ in, about 2.4 lb, on the fall');
        $this->seeCounter('landed', '1 / 1');
        $this->button('Drop')->click();
        $this->seeCounter('drops since a bite', '1');
        $this->button('Undo')->click();
        $this->seeCounter('drops since a bite', '0');

        $this->page->navigate()->refresh();
        $this->seeCounter('landed', '1 / 1');
        $this->see('Walleye, 18½ in, about 2.4 lb, on the fall');
        $this->button('Earlier')->click();
        $this->see('3 drops');
    }

    public function test_a_day_of_several_spots_and_two_waters_is_told_where_it_was(): void
    {
        $this->openDemo();
        $this->endTheDemosOuting();
        $this->page->get("{$this->server->url}/lure");
        $this->button('Fish this one')->click();
        $this->see('Nothing logged yet');
        $this->button('Drop')->click();
        $this->fish('rear hook', 'in the lip');
        $this->button('Followed')->click();

        $this->move('Causeway end');
        $this->see('on this, no bite');
        $this->button('Turned')->click();
        $this->see('Turned away');
        $this->button('Move')->click();
        $this->find("//summary[normalize-space()='Another water']")->click();
        $this->find("//button[span[normalize-space()='Slate wall']]")->click();
        $this->see('Slate wall · Pell quarry');
        $this->button('Drop')->click();
        $this->fish('front hook', 'hooked deep');
        $this->see('Back down:');
        $this->seeAllSaved();
        $this->endTheOuting();

        $this->page->get("{$this->server->url}/look-back?water=Pell+quarry");
        $this->see('Pell quarry');
        $rows = $this->server->records()->query(<<<'SQL'
            SELECT spots.name || ' ' || events.kind || ' ' || coalesce(events.hook, '') || ' ' || coalesce(events.held, '') FROM events
            JOIN setups ON setups.id = events.setup_id JOIN spots ON spots.id = setups.spot_id
            WHERE events.undone_at IS NULL AND events.outing_id = (SELECT max(id) FROM outings) AND events.kind != 'drop' ORDER BY events.at
            SQL)?->fetchAll(\PDO::FETCH_COLUMN);
        self::assertSame([
            'North bar fish rear lip', 'North bar followed  ', 'Causeway end refused  ', 'Slate wall fish front inside',
        ], $rows);
    }

    /** A fish that is on is landed, by one hook. */
    private function fish(string $hook, string $held): void
    {
        $this->button('Fish on')->click();
        $this->button($hook)->click();
        $this->find("//button[@role='radio'][normalize-space()='{$held}']")->click();
        $this->button('Landed')->click();
        $this->see($held);
    }

    private function move(string $spot): void
    {
        $this->button('Move')->click();
        $this->find("//button[span[normalize-space()='{$spot}']]")->click();
        $this->see("{$spot} · ");
    }

    public function test_a_second_tab_shows_the_same(): void
    {
        $this->openDemo('/fish');
        $before = (int) $this->counter('drops since a bite');
        $first = $this->page->getWindowHandle();
        $this->page->switchTo()->newWindow();
        $second = $this->page->getWindowHandle();
        $this->page->get("{$this->server->url}/fish");
        $this->button('Drop')->click();
        $this->seeCounter('drops since a bite', (string) ($before + 1));
        $this->page->switchTo()->window($first);
        $this->seeCounter('drops since a bite', (string) ($before + 1));
        $this->page->switchTo()->window($second);
    }

    public function test_a_drop_logged_without_connection_is_kept_and_sent_later(): void
    {
        $this->openDemo('/fish');
        $before = (int) $this->counter('drops since a bite');
        $this->page->executeScript('window.realFetch = window.fetch; window.fetch = () => Promise.reject(new TypeError("offline"))');
        $this->button('Drop')->click();
        $this->see('Saved here, 1 to send');
        $this->page->executeScript('window.fetch = window.realFetch; window.dispatchEvent(new Event("online"))');
        $this->seeAllSaved();
        $this->seeCounter('drops since a bite', (string) ($before + 1));
    }

    public function test_nothing_is_fetched_from_elsewhere(): void
    {
        $this->chrome->keeps(true);
        $this->openDemo();
        $fetched = $this->page->executeScript('return performance.getEntriesByType("resource").map((entry) => entry.name)');

        self::assertNotEmpty($fetched);
        self::assertSame([], array_filter($fetched, fn (string $address): bool => ! str_starts_with($address, $this->server->url)));
        self::assertTrue(
            $this->page->executeScript(
                'return document.fonts.check("16px \'Atkinson Hyperlegible Next Variable\'") && document.fonts.check("600 16px '
                    .'\'Bricolage Grotesque Variable\'")',
            ),
        );
    }

    private function changeReadingsByKeyboard(): void
    {
        $this->tabTo('[data-reading="temp"]');
        $this->press('arrow_up', 'arrow_up', 'arrow_up');
        $this->see('40 °F');
        $this->see('40 °F: prime blade');
        $this->press('arrow_right', 'arrow_right');
        for ($i = 0; $i < 12; $i++) {
            $this->press('arrow_up');
        }
        $this->see('0.9 mph');
        $this->see('Nothing you own stays straight down here');
        $this->press('enter');
        $input = $this->find('//input[@placeholder="not read"]');
        $input->sendKeys([WebDriverKeys::CONTROL, 'a'])->sendKeys("5//8 mph\n");
        $this->see('"5//8 mph" can\'t be read as a speed');
        self::assertSame('5//8 mph', $input->getAttribute('value'));
        $input->sendKeys([WebDriverKeys::CONTROL, 'a'])->sendKeys("0.2 mph\n");
        $this->see('Tie on the white half-ounce blade');
        $this->press('escape');
    }

    private function endTheDemosOuting(): void
    {
        $this->type('5');
        $this->see('End the outing');
        $this->endTheOuting();
    }

    private function endTheOuting(): void
    {
        $this->button('End the outing')->click();
        $this->button('Yes, end it')->click();
        $this->see('No outing is under way');
    }
}
