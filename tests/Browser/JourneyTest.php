<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** The whole way from the readings to a logged fish. */
final class JourneyTest extends BrowserTestCase
{
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
            $this->seeCounter('drops, no touch yet', $count);
        }
        $this->button('Touch')->click();
        $this->button('On the fall')->click();
        $this->see('Touch, on the fall');
        $this->button('Fish on')->click();
        $this->find('//input[@placeholder="not measured"]')->sendKeys('9 ft');
        $this->button('Landed')->click();
        $this->button('1 not taken')->click();
        $this->see('A fish measures between');
        $length = $this->find("//label[normalize-space()='Length']/following-sibling::input");
        self::assertSame('9 ft', $length->getAttribute('value'), 'what was typed is kept');
        $length->clear()->sendKeys('18½');
        $this->button('Mend and send')->click();
        $this->see('Everything has arrived.');
        $this->button('Close')->click();
        $this->see('Walleye, 18½ in, about 2.4 lb, on the first fall');
        $this->seeCounter('landed of touches', '1 / 2');
        $this->button('Drop')->click();
        $this->seeCounter('drops since a touch', '1');
        $this->button('Undo')->click();
        $this->seeCounter('drops since a touch', '0');

        $this->page->navigate()->refresh();
        $this->seeCounter('landed of touches', '1 / 2');
        $this->see('Walleye, 18½ in, about 2.4 lb, on the first fall');
        $this->see('3 drops');
    }

    public function test_a_second_tab_shows_the_same(): void
    {
        $this->openDemo('/fish');
        $before = (int) $this->counter('drops since a touch');
        $first = $this->page->getWindowHandle();
        $this->page->switchTo()->newWindow();
        $second = $this->page->getWindowHandle();
        $this->page->get("{$this->server->url}/fish");
        $this->button('Drop')->click();
        $this->seeCounter('drops since a touch', (string) ($before + 1));
        $this->page->switchTo()->window($first);
        $this->seeCounter('drops since a touch', (string) ($before + 1));
        $this->page->switchTo()->window($second);
    }

    public function test_a_drop_logged_without_connection_is_kept_and_sent_later(): void
    {
        $this->openDemo('/fish');
        $before = (int) $this->counter('drops since a touch');
        $this->page->executeScript('window.realFetch = window.fetch; window.fetch = () => Promise.reject(new TypeError("offline"))');
        $this->button('Drop')->click();
        $this->see('Saved here, 1 to send');
        $this->page->executeScript('window.fetch = window.realFetch; window.dispatchEvent(new Event("online"))');
        $this->see('All saved');
        $this->seeCounter('drops since a touch', (string) ($before + 1));
    }

    public function test_nothing_is_fetched_from_elsewhere(): void
    {
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
        $this->see('40 °F: a blade');
        $this->press('arrow_right', 'arrow_right');
        for ($i = 0; $i < 12; $i++) {
            $this->press('arrow_up');
        }
        $this->see('0.9 mph');
        $this->see('Nothing you own stays straight down here');
        $this->press('enter');
        $input = $this->find('//input[@placeholder="not read"]');
        $input->sendKeys([WebDriverKeys::CONTROL, 'a'])->sendKeys("5//8 mph\n");
        $this->see('"5//8 mph" cannot be read as a speed');
        self::assertSame('5//8 mph', $input->getAttribute('value'));
        $input->sendKeys([WebDriverKeys::CONTROL, 'a'])->sendKeys("0.2 mph\n");
        $this->see('Tie on the white half-ounce blade');
        $this->press('escape');
    }

    private function endTheDemosOuting(): void
    {
        $this->type('5');
        $this->see('End the outing');
        $this->button('End the outing')->click();
        $this->button('Yes, end it')->click();
        $this->see('No outing is under way');
    }
}
