<?php

declare(strict_types=1);

namespace Tests\Browser;

/** Several rods on board, and what is changed of the one in hand. */
final class RodsTest extends BrowserTestCase
{
    protected bool $keeps = false;

    public function test_what_is_tapped_is_of_the_rod_in_hand_and_a_pick_goes_where_little_has_to_be_changed(): void
    {
        $this->openDemo('/fish');
        $drops = $this->counter('drops since a bite');
        $this->rod('Casting rod')->click();
        $this->see('front hole · clock sweep');
        $this->seeCounter('drops, no bite yet', '0');
        $this->type('d');
        $this->seeCounter('drops, no bite yet', '1');
        $this->see('Drop, Casting rod');
        $this->rod('Vertical rod')->click();
        $this->seeCounter('drops since a bite', $drops);
        $this->page->get("{$this->server->url}/lure");
        $this->find('//*[@role="combobox"][@aria-label="Rod to tie it on"][contains(., "Vertical rod")]');
        $this->see('Already tied on');
        $this->button('Fish')->click();
        $this->rod('Still rod')->click();
        $this->see('Other bait');
    }

    public function test_one_more_comes_on_board_and_is_left_ashore_again(): void
    {
        $this->openDemo('/rig');
        $this->button('Another rod')->click();
        $this->find('//input[@placeholder="Casting rod"]')->sendKeys("Short rod\n");
        $this->see('Short rod with the white half-ounce blade');
        $this->button('Take the Short rod off the boat')->click();
        $this->see('Vertical rod with the white half-ounce blade');
        $this->button('Take the Short rod on board');
    }

    public function test_hooks_and_the_start_are_changed_in_place(): void
    {
        $this->openDemo('/rig');
        $this->tab('Hooks');
        self::assertLessThan(
            0, (int) $this->page->executeScript('return parseInt(getComputedStyle(document.activeElement).outlineOffset)'),
            'the ring of a tab is drawn inward, where nothing cuts it off',
        );
        $this->find('//label[contains(., "stinger")]//input')->click();
        $this->see('with a stinger at the head');
        $this->button('Undo')->click();
        $this->eventually(fn (): bool => ! str_contains($this->text(), 'with a stinger at the head'), 'for it to be off again');
        $this->tab('Start');
        $this->find('//input[@placeholder="2 in"]')->sendKeys("0.4 in\n");
        $this->see('times the estimate');
        $this->eventually(fn (): bool => $this->counter('lost of a lift') === '0.4 in', 'for the figure to follow');
        $this->see('by the tip travel that you measured');
    }

    public function test_the_fall_is_counted_a_touch_knows_its_depth_and_is_mended_by_a_count(): void
    {
        $this->openDemo('/fish');
        $this->type('d');
        $this->see('falling: ');
        $this->type('t');
        $this->button('By the drop')->click();
        $this->see('Bite, on the first fall, Vertical rod');
        $this->see('ft computed');
        $this->button('Bite, on the first fall, Vertical rod')->click();
        $this->find('//input[@placeholder="7"]')->sendKeys("5\n");
        $this->eventually(
            fn (): bool => preg_match('/first fall, Vertical rod 1\d ft computed/', $this->text()) === 1, 'for the depth at count five',
        );
        $this->button('Bite, on the first fall, Vertical rod')->click();
        $this->button('Take it away')->click();
        $this->button('Yes, take it away')->click();
        $this->see('Taken back: Bite, on the first fall, Vertical rod');
        $this->button('Put it back')->click();
        $this->eventually(fn (): bool => ! str_contains($this->text(), 'Taken back'), 'for it to be there again');
        $this->button('Bite, on the first fall, Vertical rod')->click();
        $this->button('Take it away')->click();
        $this->button('Yes, take it away')->click();
        $this->see('Taken back: Bite, on the first fall, Vertical rod');
    }

    public function test_a_lure_that_stays_down_bares_the_rod_until_it_is_found_again(): void
    {
        $this->openDemo('/fish');
        $this->type('s');
        $this->button('Snagged, Vertical rod')->click();
        $this->button('is lost')->click();
        $this->button('Keep')->click();
        $this->see('Nothing on this rod');
        $this->see('Choose a lure for this rod');
        $this->button('Snagged, lure lost, Vertical rod')->click();
        $this->button('came free')->click();
        $this->button('Keep')->click();
        $this->see('Snagged, freed, Vertical rod');
        $this->button('Bite');
    }

    private function rod(string $name): \Facebook\WebDriver\Remote\RemoteWebElement
    {
        return $this->find("//section[@aria-label='Rods on board']//button[contains(., '{$name}')]");
    }
}
