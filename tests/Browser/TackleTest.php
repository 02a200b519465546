<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverKeys;

/** The box and the bench, as they are used at the kitchen table. */
final class TackleTest extends BrowserTestCase
{
    protected bool $keeps = false;

    public function test_a_lure_is_typed_in_words_found_changed_and_the_change_undone(): void
    {
        $this->openDemo('/tackle');
        $this->see('24 lures in the box');
        $this->find('//input[@placeholder="1/2 oz blade, gold, 3 holes"]')->sendKeys('5/8 oz blade, gold, 4 holes');
        $this->see('5/8 oz blade, gold, 4 holes. Correct it below');
        $this->eventually(
            fn (): bool => $this->find('//input[@placeholder="silver"]')->getAttribute('value') === 'gold',
            'for the form to be filled',
        );
        $this->button('Put it in the box')->click();
        $this->see('25 lures in the box');

        $this->find('//input[@type="search"]')->sendKeys('gold 5/8');
        $this->see('1 found.');
        $this->button('Edit')->click();
        $this->find('//label[contains(., "finish")]/input')->sendKeys([WebDriverKeys::CONTROL, 'a'])->sendKeys('firetiger');
        $this->find('//form[contains(., "buy again")]//button[.="Keep"]')->click();
        $this->see('is changed.');
        $this->see('0 found.');
        $this->button('Undo')->click();
        $this->see('1 found.');
    }

    public function test_many_are_put_away_at_once_and_taken_back(): void
    {
        $this->openDemo('/tackle');
        $this->find('//input[starts-with(@aria-label, "Select ½") and contains(@aria-label, "blade, gold")]')->click();
        $this->find('//input[starts-with(@aria-label, "Select ½") and contains(@aria-label, "blade, silver")]')->click();
        $this->find('//div[@role="toolbar"]//button[.="Put away"]')->click();
        $this->see('2 lures put away.');
        $this->see('22 lures in the box');
        $this->button('Undo')->click();
        $this->see('24 lures in the box');
    }

    public function test_a_hole_is_moved_on_the_bench_by_keys_and_by_pointer_and_the_hang_follows(): void
    {
        $this->openDemo('/tackle/2');
        $this->see('middle, 39° nose down');
        $this->tabTo('[role="slider"][aria-label="middle hole"]');
        $this->press('arrow_left');
        $this->see('The middle hole is moved.');
        $this->see('middle, 36° nose down');
        $this->button('Undo')->click();
        $this->see('middle, 39° nose down');
        (new WebDriverActions($this->page))->clickAndHold(
            $this->find('//*[@role="slider"][@aria-label="balance point"]'),
        )->moveByOffset(25, 0)->moveByOffset(12, 0)->release()->perform();
        $this->see('The balance point is moved.');
        $this->eventually(fn (): bool => ! str_contains($this->text(), 'middle, 39° nose down'), 'for the hang angle to follow');
        $this->find('//input[@aria-label="front hole from the nose, mm"]')->sendKeys([WebDriverKeys::CONTROL, 'a'])->sendKeys("900\n");
        $this->see('within 300 mm');
    }

    public function test_a_file_is_previewed_then_taken_in(): void
    {
        $this->openDemo('/tackle');
        $file = tempnam(sys_get_temp_dir(), 'box').'.csv';
        file_put_contents($file, "family,weight,finish\nblade,1/2 oz,pink\nblade,heavy,pink\n");
        $this->button('In and out')->click();
        $input = $this->page->findElement(\Facebook\WebDriver\WebDriverBy::xpath('//input[@type="file"]'));
        $input->setFileDetector(new LocalFileDetector);
        $input->sendKeys($file);
        $this->see('Would be: 1 added, 0 changed, 0 as they are, 1 refused.');
        $this->see('"heavy" can\'t be read as a weight');
        $this->button('Take in 1')->click();
        $this->see('Taken in: 1 added');
        $this->button('Close')->click();
        $this->see('25 lures in the box');
        unlink($file);
    }

    public function test_what_is_due_is_ticked_off(): void
    {
        $this->openDemo('/gear');
        $this->see('7 things before you go');
        $this->button('Done, check for nicks and retie: Fluorocarbon leader, 8 lb')->click();
        $this->see('6 things before you go');
        $this->see('Leader retied');
    }

    public function test_two_tabs_on_one_lure_are_told_of_each_other(): void
    {
        $this->openDemo('/tackle/1');
        $this->see('Made of');
        $first = $this->page->getWindowHandle();
        $this->page->switchTo()->newWindow();
        $this->page->get("{$this->server->url}/tackle/1");
        $this->madeOf('tape', 'theirs');
        $this->see('What it is made of is kept.');

        $second = $this->page->getWindowHandle();
        $this->page->switchTo()->window($first);
        $this->madeOf('tape', 'mine');
        $this->see('build tape is “theirs” there, “mine” here.');
        $this->button('Keep mine')->click();
        $this->see('What it is made of is kept.');
        $this->page->switchTo()->window($second);
        $this->madeOf('scent', 'paste');
        $this->eventually(
            fn (): bool => $this->find("//label[contains(., 'tape')]/input")->getAttribute('value') === 'mine',
            'the other tab to be seen',
        );
        $this->page->navigate()->refresh();
        $this->see('Made of');
        self::assertSame(
            ['mine', 'paste'],
            array_map(
                fn (string $part): ?string => $this->find("//label[contains(., '{$part}')]/input")->getAttribute('value'),
                ['tape', 'scent'],
            ),
        );
    }

    private function madeOf(string $part, string $text): void
    {
        $this->find("//label[contains(., '{$part}')]/input")->sendKeys([WebDriverKeys::CONTROL, 'a'])->sendKeys("{$text}\t");
    }
}
