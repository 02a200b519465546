<?php

declare(strict_types=1);

namespace Tests\Browser;

/** The choice questioned, changed and printed. */
final class ChoosingTest extends BrowserTestCase
{
    protected bool $keeps = false;

    public function test_why_not_what_if_and_two_drops_in_one_picture(): void
    {
        $this->openDemo();
        $this->see('Other schools: level-lift,');
        $this->see('> 35 ft: ⅝ oz');
        $this->click('All 10');
        $this->find('//ol[@aria-label="Picks, best first"]/li[6]/button')->click();
        $this->see('Why not the white three-eighths-ounce blade');
        $this->see('One step lighter than the ½ oz');
        $this->see('It would lead with:');

        $this->tab('Compare');
        $this->see('Side by side');
        $curves = fn (): int => count(
            $this->page->findElements(
                \Facebook\WebDriver\WebDriverBy::cssSelector('aside[aria-label="The water column"] path[stroke-dasharray="6 5"]'),
            ),
        );
        $this->eventually(fn (): bool => $curves() === 1, 'for the second line');
        $this->see('The white half-ounce blade leads the white three-eighths-ounce blade');
        $this->find('//button[@aria-label="Compare with"]')->click();
        $this->find('//*[@role="option"][contains(., "spoon, gold")]')->click();
        $this->see('leads the gold');
        $this->tab('What if');
        $this->see('Above 0.35 mph of drift: take the chartreuse five-eighths-ounce blade.');
        $this->eventually(fn (): bool => $curves() === 0, 'for the second line to go');

        $this->find('//a[contains(., "of drift: take the chartreuse")]')->click();
        $this->see('Only tried, not kept: drift 0.36 mph.');
        $this->see('Tie on the chartreuse five-eighths-ounce blade');
        $this->see('What would change it');
        $this->button('Back to mine')->click();
        $this->see('Tie on the white half-ounce blade');

        $this->find('//button[@data-reading="drift"]')->click();
        $this->see('What would change the first pick');
        $this->find('//button[@aria-label="more drift"]')->click();
        $this->find('//button[@aria-label="more drift"]')->click();
        $this->see('Tie on the chartreuse five-eighths-ounce blade');
    }

    public function test_the_list_is_narrowed_pinned_and_both_outlast_a_reload(): void
    {
        $this->openDemo();
        $this->button('spoons')->click();
        $this->eventually(
            fn (): bool => ! str_contains($this->find('//ol[@aria-label="Picks, best first"]')->getText(), 'blade, white'),
            'for spoons alone',
        );
        $this->find('//ol[@aria-label="Picks, best first"]/li[1]/button')->click();
        $this->see('Why not the');
        $this->button('Pin')->click();
        $this->button('Pinned');
        $this->page->navigate()->refresh();
        $this->see('pinned');
        self::assertStringContainsString('family=spoon', $this->page->getCurrentURL());
        $this->button('all')->click();
        $this->eventually(
            fn (): bool => preg_match(
                '/^\d+ .* spoon, .*pinned/',
                str_replace("\n", ' ', $this->find('//ol[@aria-label="Picks, best first"]/li[1]')->getText()),
            ) === 1,
            'for the pinned one at the head',
        );
        $this->see('½ oz blade, white');
    }

    public function test_the_ladder_leads_to_the_next_thing_to_tie_on(): void
    {
        $this->openDemo();
        $this->tab('No bite');
        $this->see('Change the finish to gold');
        $this->find('//ol[@aria-label="What to change, in order"]//button[contains(., "gold")]')->click();
        $this->see('from the gold half-ounce blade');
        $this->button('Tie this one on')->click();
        $this->see('½ oz blade, gold');
        $this->see('on this, no bite');
        // One tap on the next step ties it on, without leaving the pads.
        $this->button('Change one thing')->click();
        $next = $this->find("//*[@role='dialog']//li[1]//button/span[2]")->getText();
        $this->find("//*[@role='dialog']//li[1]//button")->click();
        $this->eventually(fn (): bool => str_starts_with($next, $this->find('//h1')->getText()), "for {$next} to be on");
        $this->seeAllSaved();
        $this->page->navigate()->refresh();
        $this->eventually(fn (): bool => str_starts_with($next, $this->find('//h1')->getText()), "for {$next} to stay on");
    }

    public function test_rules_are_switched_written_and_put_back_with_the_keyboard(): void
    {
        $this->openDemo('/rules');
        $this->see('The rules, unchanged');
        $this->tabTo('button[role="switch"]');
        $this->press('space');
        $this->see('Your rules');
        $this->see('off');
        $this->find('//h2[contains(., "Tie on")]');

        $this->button('Write a rule')->click();
        $this->find('//input[@placeholder="Gold does well here under cloud"]');
        $this->type('Silver pleases them');
        $this->press('tab');
        $this->type('6');
        $this->button('silver')->click();
        $this->see('comes first, in place of');
        $this->button('Keep this rule')->click();
        $this->see('Your own');
        $this->see('Always: +6 for silver lure');
        $this->find('//h2[contains(., "Tie on the silver half-ounce blade")]');

        $this->button('Back to the rules, unchanged')->click();
        $this->see('The rules, unchanged');
        $this->find('//h2[contains(., "Tie on the white half-ounce blade")]');
        $this->button('Undo')->click();
        $this->find('//h2[contains(., "Tie on the silver half-ounce blade")]');
        $this->page->get("{$this->server->url}/lure");
        $this->see('Always: Silver pleases them.');
    }

    public function test_a_bad_measure_in_a_rule_is_told_and_what_was_typed_stays(): void
    {
        $this->openDemo('/rules');
        $this->button('Write a rule')->click();
        $this->find('//button[@aria-label="Add a reading"]')->click();
        $this->find('//*[@role="option"][contains(., "Depth")]')->click();
        $this->find('//input[@aria-label="Depth from"]')->sendKeys('9 oz');
        $gold = $this->button('gold');
        $this->page->executeScript('arguments[0].scrollIntoView({block: "center"})', [$gold]);
        $gold->click();
        $this->see('a length is needed here');
        self::assertSame('9 oz', $this->find('//input[@aria-label="Depth from"]')->getAttribute('value'));
        $this->press('escape');
        $this->see('The rules, unchanged');
    }

    public function test_the_boat_card_is_shown_as_it_prints(): void
    {
        $this->openDemo();
        $this->button('Boat card')->click();
        $this->find('//iframe[@title="The card as it prints"]');
        $this->page->switchTo()->frame($this->page->findElement(\Facebook\WebDriver\WebDriverBy::tagName('iframe')));
        $this->see('Middle hole, 2nd of 3 from the nose');
        $this->see('When nothing bites, one thing at a time');
        $this->eventually(fn (): bool => $this->page->executeScript(
            'return [...document.images].every((image) => image.complete && image.naturalWidth > 0)',
        ) === true, 'for every drawing');
        $this->page->switchTo()->defaultContent();
        self::assertStringContainsString('/boat-card.pdf?pick=', (string) $this->button('PDF')->getAttribute('href'));
    }

    public function test_cautions_are_put_away_for_the_day(): void
    {
        $this->openDemo();
        $this->see('Wear the life jacket');
        $this->button('2 more')->click();
        $this->see('spines and trebles');
        $this->button('Seen')->click();
        $this->eventually(fn (): bool => ! str_contains($this->text(), 'life jacket'), 'for them to go');
        $this->page->navigate()->refresh();
        $this->see('Tie on the white half-ounce blade');
        self::assertStringNotContainsString('life jacket', $this->text());
        $this->page->get("{$this->server->url}/gear");
        $this->button('Note the rules of Hallowmere')->click();
        $this->find('//input[contains(@placeholder, "Walleye from")]')->sendKeys('One rod, none under 18 in');
        $this->find('//*[@role="dialog"]//button[normalize-space()="Keep it"]')->click();
        $this->see('Noted for Hallowmere.');
        $this->see('One rod, none under 18 in');
    }
}
