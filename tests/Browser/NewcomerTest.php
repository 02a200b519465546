<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** Somebody who has nothing yet, and somebody who does things in an unusual order. */
final class NewcomerTest extends BrowserTestCase
{
    protected bool $keeps = false;

    public function test_from_no_account_to_the_first_drop(): void
    {
        $this->page->get("{$this->server->url}/lure");
        $this->see('Sign in');
        $this->button('Make one')->click();
        $this->fill('Name', 'New angler');
        $this->fill('E-mail', 'new@example.test');
        $this->fill('Password', 'short');
        $this->button('Make the account')->click();
        $this->see('A password needs at least 10 characters.');
        self::assertSame('new@example.test', $this->field('E-mail')->getAttribute('value'), 'what was typed is kept');
        $this->fill('Password', 'long enough now');
        $this->button('Make the account')->click();
        $this->see('Three questions, then your pick');
        $this->button('Put in my own lures first')->click();
        $this->see('Your box is empty');

        $this->type('2');
        $this->see('Your box is empty');
        $this->button('Put in your first lure')->click();
        $this->find('//input[@placeholder="1/2 oz blade, gold, 3 holes"]')->sendKeys('1/2 oz blade, gold, 3 holes');
        $this->see('Correct it below');
        $this->button('Put it in the box')->click();
        $this->see('1 lure in the box');

        $this->type('2');
        $this->see('Tie on the gold half-ounce blade');
        $this->see('say how the boat lies');
        $this->see('Most help now: read the');
        $this->find('//button[@data-reading="temp"]')->click();
        $this->find('//input[@placeholder="not read"]')->sendKeys("39\n");
        $this->see('39 °F');
        $this->press('escape');
        $this->find('//button[@data-reading="drift"]')->click();
        $this->find('//input[@placeholder="not read"]')->sendKeys("0.3 mph\n");
        $this->see('Line leans');
        $this->press('escape');
        $this->button('Fish this one')->click();
        $this->button('Drop')->click();
        $this->seeCounter('drops, no bite yet', '1');
    }

    public function test_the_first_pick_is_four_presses_away_and_the_first_bite_eight(): void
    {
        $this->page->get("{$this->server->url}/register");
        $this->fill('Name', 'Second angler');
        $this->fill('E-mail', 'second@example.test');
        $this->fill('Password', 'long enough now');
        $presses = 0;
        $press = function (string $words) use (&$presses): void {
            $presses++;
            $this->button($words)->click();
        };
        $press('Make the account');
        $press('sauger');
        $press('Show me what to tie on');
        $this->see('Tie on the');
        self::assertLessThanOrEqual(4, $presses);
        $this->see('usual');
        $this->see('sauger');
        $press('Fish this one');
        $press('Bite');
        $this->see('When did it bite?');
        $press('On the fall');
        $this->seeCounter('landed', '0 / 1');
        self::assertLessThanOrEqual(8, $presses);

        $this->page->get("{$this->server->url}/first-day");
        $this->see('Tie on the');

        $this->page->get("{$this->server->url}/tackle");
        $this->see('12 lures in the box');
        $this->find('(//button[contains(@aria-label, "blade, white is mine")])[2]')->click();
        $this->see('blade, white is yours.');
        $this->find('(//button[contains(@aria-label, "Strike out")])[1]')->click();
        $this->see('11 lures in the box');
        $this->button('Undo')->click();
        $this->see('12 lures in the box');
    }

    public function test_signing_in_says_what_is_wrong_and_signing_out_leads_to_the_door(): void
    {
        $this->openDemo('/settings');
        $this->button('Sign out')->click();
        $this->see('Open the demo');
        $this->page->get("{$this->server->url}/fish");
        $this->see('Sign in');
        $this->fill('E-mail', 'nobody@example.test');
        $this->fill('Password', 'whatever it was');
        $this->find('//form//button[.="Sign in"]')->click();
        $this->see('E-mail and password don\'t match.');
    }

    public function test_a_link_with_readings_shows_them_until_they_are_taken_over(): void
    {
        $this->openDemo('/lure?depth=40+ft&light=bright');
        $this->see('These readings came with the link.');
        $this->see('40 ft');
        $this->button('Back to mine')->click();
        $this->see('26 ft');
        $this->page->get("{$this->server->url}/lure?depth=40+ft&light=bright");
        $this->button("Use them as today's")->click();
        $this->eventually(fn (): bool => ! str_contains($this->text(), 'came with the link'), 'for the banner to go');
        $this->page->get("{$this->server->url}/lure");
        $this->see('40 ft');
        $this->page->get("{$this->server->url}/lure?depth=ninety");
        $this->see('A reading in this link can\'t be used, so yours are shown.');
        $this->see('40 ft');
    }

    public function test_units_schools_and_theme_are_followed_everywhere(): void
    {
        $this->openDemo('/settings');
        foreach (['metres and centimetres', '°C', 'g', 'm/s', 'level lift', 'dark, before dawn'] as $choice) {
            $this->button($choice)->click();
            $this->eventually(fn (): bool => $this->button($choice)->getAttribute('data-state') === 'on', "for {$choice} to be kept");
        }
        $this->page->get("{$this->server->url}/lure");
        $this->see('14 g blade, white');
        $this->see('front hole · low hop, 9 cm');
        self::assertSame('dawn', $this->page->executeScript('return document.documentElement.dataset.theme'));
        $this->see('2.8 °C water. Wear the life jacket');
        $this->page->get("{$this->server->url}/water?view=chart");
        $this->see('is the lightest that stays straight down');
        self::assertStringContainsString(' m ', $this->text());
    }

    public function test_an_address_with_nothing_there_says_so_and_leads_on(): void
    {
        $this->openDemo('/somewhere-else');
        $this->see('There is nothing at this address.');
        $this->button('Back to the water')->click();
        $this->see('Tie on the white half-ounce blade');
    }

    public function test_the_reasons_and_the_other_school_are_beside_the_pick(): void
    {
        $this->openDemo();
        $this->see('Why the first one');
        $this->find('//summary[.="Other ways with this lure"]')->click();
        $this->see('Level-lift would use the front hole.');
        $this->find('//summary[.="Other ways with this lure"]')->click();
        $this->click('All 10');
        $this->find('//ol[@aria-label="Picks, best first"]/li[6]/button')->click();
        $this->eventually(fn (): bool => str_contains($this->text(), 'Why not the'), 'for the reasons of another');
        $this->find('//summary[.="Other ways with this lure"]')->click();
        $way = $this->find('//details//li[1]/button')->getText();
        $this->find('//details//li[1]/button')->click();
        $this->eventually(
            fn (): bool => str_contains($this->find('//ol[@aria-label="Picks, best first"]/li[6]')->getText(), explode("\n", $way)[0]),
            'for the list to show that way',
        );
        $this->page->navigate()->refresh();
        $this->see(explode("\n", $way)[0]);
        self::assertStringContainsString('pick=', $this->page->getCurrentURL());
    }

    private function fill(string $label, string $text): void
    {
        $this->field($label)->sendKeys([WebDriverKeys::CONTROL, 'a'])->sendKeys($text);
    }

    private function field(string $label): \Facebook\WebDriver\Remote\RemoteWebElement
    {
        return $this->find("//label[.=\"{$label}\"]/following-sibling::input");
    }
}
