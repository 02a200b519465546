<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** One cold, wet thumb on 390×844. */
final class PhoneTest extends BrowserTestCase
{
    protected bool $phone = true;

    protected bool $keeps = false;

    public function test_fish_is_made_for_a_thumb(): void
    {
        $this->openDemo('/fish');
        foreach ([
            'Drop' => 76, 'Bite' => 76, 'Fish on' => 76, 'Undo' => 76, 'Foul' => 56, 'Snag' => 56, 'Rock' => 56, 'Change one thing' => 56,
            'More' => 47,
        ] as $words => $least) {
            $button = $this->button($words);
            self::assertGreaterThanOrEqual($least, $button->getSize()->getHeight(), $words);
            self::assertGreaterThanOrEqual(56, $button->getSize()->getWidth(), $words);
            self::assertLessThanOrEqual(
                844, $button->getLocation()->getY() + $button->getSize()->getHeight(), "{$words} is on the first screen",
            );
        }
        $before = (int) $this->counter('drops since a bite');
        $this->button('Drop')->click();
        $this->seeCounter('drops since a bite', (string) ($before + 1));
        $this->button('Fish on')->click();
        $this->button('sauger')->click();
        $this->button('Lost')->click();
        $this->see('Sauger, on the first fall, lost');
        $this->button('Undo')->click();
        $this->see('Taken back: Sauger, on the first fall, lost');
        $this->eventually(fn (): bool => substr_count($this->text(), 'Sauger, on') === 1, 'for the fish to be gone from the list');
    }

    public function test_no_page_is_wider_than_the_phone_and_the_column_stays(): void
    {
        $this->openDemo();
        foreach ([
            '/lure', '/fish', '/outings', '/look-back', '/look-back?view=same-day', '/look-back?view=depth', '/look-back/trust',
            '/tackle', '/tackle/1', '/gear', '/rules', '/boat-card', '/settings', '/this-phone', '/cadences', '/rig',
            '/work', '/work?view=practice', '/work?view=plans', '/work?view=bites', '/work?view=hour',
            '/places', '/places/3', '/places/4',
            '/water', '/water?view=drop', '/water?view=chart', '/water?view=cast', '/water?view=calibrate',
        ] as $path) {
            $this->page->get($this->server->url.$path);
            $this->find('//h1');
            self::assertLessThanOrEqual(390, $this->page->executeScript('return document.documentElement.scrollWidth'), $path);
            // The drop stands where it is the subject; the other pages have the whole width.
            $strips = $this->page->findElements(WebDriverBy::xpath('//aside[@aria-label="The water column"]'));
            self::assertCount(preg_match('~^/(lure|water|work|fish)~', $path), $strips, $path);
        }
    }

    public function test_the_stations_are_one_tap_away(): void
    {
        $this->openDemo();
        $this->button('More')->click();
        $this->button('Settings')->click();
        $this->see('Each is kept as soon as you choose it.');
        $this->button('metres and centimetres')->click();
        $this->see('Kept.');
        $this->page->get("{$this->server->url}/lure");
        $this->see('low hop, 9 cm');
    }
}
