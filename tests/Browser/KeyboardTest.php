<?php

declare(strict_types=1);

namespace Tests\Browser;

/** Everything can be done without a mouse. */
final class KeyboardTest extends BrowserTestCase
{
    protected bool $keeps = false;

    public function test_stations_by_number_and_pages_by_name(): void
    {
        $this->openDemo();
        foreach (['4' => 'Work', '6' => 'Look back', '5' => 'Fish', '2' => 'Lure'] as $key => $title) {
            $this->type((string) $key);
            $this->eventually(fn (): bool => $this->page->getTitle() === "{$title} · Eskith", "for the title {$title}");
        }
        $this->type('?');
        $this->see('change it by one step');
        $this->press('escape');
        $this->type('/');
        $this->find('//input[@aria-label="Where to"]');
        $this->type("tack\n");
        $this->see('24 lures in the box');
        $this->page->navigate()->back();
        $this->see('Tie on the white half-ounce blade');
    }

    public function test_logging_by_single_letters(): void
    {
        $this->openDemo('/fish');
        $before = (int) $this->counter('drops since a bite');
        $this->type('d');
        $this->seeCounter('drops since a bite', (string) ($before + 1));
        $this->type('u');
        $this->seeCounter('drops since a bite', (string) $before);
        $this->type('o');
        $this->see('Fouled');
        $this->type('t');
        $this->see('When did it bite?');
        $this->press('tab', 'tab', 'enter');
        $this->seeCounter('drops since a bite', '0');
        $this->type('f');
        $this->find('//input[@placeholder="not measured"]')->sendKeys("41 cm\n");
        $this->see('Walleye, 41 cm');
    }

    public function test_a_pick_is_chosen_and_tied_on_with_the_keyboard_and_focus_is_seen(): void
    {
        $this->openDemo();
        $this->tabTo('ol[aria-label="Picks, best first"] li:nth-child(4) button');
        self::assertNotSame('none', $this->page->executeScript('return getComputedStyle(document.activeElement).outlineStyle'));
        $this->press('enter');
        $this->see('Why not the silver half-ounce blade');
        self::assertStringContainsString('pick=', $this->page->getCurrentURL());
        $this->tabTo('section[aria-label="About this pick"] > div:last-child > div:last-child button');
        $this->press('enter');
        $this->eventually(fn (): bool => str_ends_with($this->page->getCurrentURL(), '/fish'), 'for the Fish station');
        $this->see('½ oz blade, silver');
    }
}
