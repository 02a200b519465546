<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverKeys;

/** The column taken hold of, the parts of the Water station, and the rig. */
final class WaterTest extends BrowserTestCase
{
    protected bool $keeps = false;

    public function test_the_picture_can_be_taken_hold_of_by_keys_and_by_pointer(): void
    {
        $this->openDemo('/water');
        $this->see('leans 15°');
        $this->tabTo('[role="slider"][aria-label="Drift"]');
        $this->press('arrow_right', 'arrow_right');
        $this->see('0.4 mph');
        $this->see('five-eighths-ounce blade leans 20°');
        $this->tabTo('[role="slider"][aria-label="Weight"]');
        $this->press('arrow_down');
        $this->see('three-quarter-ounce blade leans');

        $answered = fn (): float => (float) $this->find('//*[@role="slider"][@aria-label="Depth"]')->getAttribute('aria-valuenow');
        $shown = fn (): string => explode("\n", $this->find('//button[@data-reading="depth"]')->getText())[1];
        $before = $answered();
        (new WebDriverActions($this->page))->clickAndHold(
            $this->find('//*[@role="slider"][@aria-label="Depth"]'),
        )->moveByOffset(0, -60)->moveByOffset(0, -40)->release()->perform();
        // While it was dragged a first answer came: the last is there once what is shown and what is answered are the same.
        $shallow = $this->eventually(
            fn (): ?string => $answered() < $before - 2 && $answered() === (float) $shown() ? $shown() : null,
            'for the water to become shallower',
        );
        $this->page->navigate()->refresh();
        $this->eventually(fn (): bool => $shown() === $shallow, 'for the depth to be kept');
    }

    public function test_a_cell_of_the_chart_is_read_with_arrows_and_sets_the_readings(): void
    {
        $this->openDemo('/water?view=chart');
        $this->see('is the lightest that stays straight down');
        $this->tabTo('[data-cell][tabindex="0"]');
        $label = fn (): string => (string) $this->page->executeScript('return document.activeElement.getAttribute("aria-label")');
        self::assertStringContainsString('today', $label());
        $this->press('arrow_right', 'arrow_down');
        $cell = $label();
        [$depth, $drift] = explode(', ', explode(':', $cell)[0]);
        $this->see("{$depth}, {$drift}:");
        $this->press('enter');
        $this->eventually(fn (): bool => str_contains($label(), 'today'), 'for the cell to become today\'s');
        $this->find('//button[@role="tab"][.="Readings"]')->click();
        $this->eventually(
            fn (): bool => str_contains($this->find('//button[@data-reading="depth"]')->getText(), str_replace("\u{A0}", ' ', $depth)),
            'for the depth to be set',
        );
        self::assertStringContainsString('view=readings', $this->page->getCurrentURL());
    }

    public function test_a_drop_is_timed_kept_and_taken_away(): void
    {
        $this->openDemo('/water?view=calibrate');
        $this->find('//button[.="Start"]')->click();
        usleep(300_000);
        $this->find('//button[contains(., "stop")]')->click();
        $this->button('Keep this measurement')->click();
        $this->see('can\'t be right for this lure and depth');
        $this->find('//label[.="Time"]/following-sibling::input')->sendKeys([WebDriverKeys::CONTROL, 'a'])->sendKeys('10.2 s');
        $this->button('Keep this measurement')->click();
        $this->see('use your timed drop now');
        $this->see('down in 10 s');
        $this->button('Take away')->click();
        $this->see('the estimate is used again');
        $this->see('down in 9 s');
    }

    public function test_a_second_drop_the_sonar_and_the_fall_at_true_speed(): void
    {
        $this->openDemo('/water?view=drop');
        $this->find('//section[@aria-label="A second drop beside it"]//label[.="Weight"]/following-sibling::input')->sendKeys('1/4 oz');
        $this->see('more.');
        self::assertTrue($this->find('//aside//*[name()="path"][@stroke-dasharray="6 5"]')->isDisplayed());
        $this->find('//label[contains(., "Sonar circle")]/input')->click();
        $this->see('A 20° cone shows');
        $this->button('Watch it fall')->click();
        // What is counted and the page's own clock, in one look: however late a loaded machine looks, both tell of one moment.
        $look = fn (): ?array => $this->page->executeScript(<<<'JS'
            const count = [...document.querySelectorAll("aside text")].find((text) => text.getAttribute("font-size") === "54");
            return count ? [Number(count.textContent), performance.now() / 1000] : null;
            JS);
        [$counted, $at] = $this->eventually($look, 'for it to fall');
        [$later, $then] = $this->eventually(function () use ($look, $counted): ?array {
            $seen = $look();

            return $seen !== null && $seen[0] >= $counted + 2 ? $seen : null;
        }, 'for the count to go on');
        self::assertEqualsWithDelta($then - $at, $later - $counted, 1.1, 'it falls at true speed');
    }

    public function test_a_spot_is_chosen_with_the_keyboard(): void
    {
        $this->openDemo('/water');
        $this->tabTo('[aria-label="Water and spot"]');
        $this->press('enter');
        $this->find('//*[@role="option"][contains(., "Gravel shelf")]');
        $this->eventually(
            fn (): bool => $this->page->executeScript('return document.activeElement.getAttribute("role") === "option"') === true,
            'for the list to take the keys',
        );
        $this->type('Grav');
        $this->press('enter');
        $this->see('21 ft');
        $this->see('river');
    }

    public function test_a_part_of_the_rig_is_changed_by_keyboard_and_every_check_follows(): void
    {
        $this->openDemo('/rig');
        $this->see('Rig is good. Drag 1.6 lb.');
        $this->seeCounter('leader knot breaks first', '6 lb');
        $this->tab('Joint');
        $this->button('tied direct')->click();
        $this->see('a small snap hangs up less');
        $this->tab('Leader');
        $this->tabTo('input[value="8 lb"]');
        $this->press('end', 'backspace', 'backspace', 'backspace', 'backspace');
        $this->type('1000 lb');
        $this->press('enter');
        $this->see('under 441 lb');
        $this->tabTo('input[aria-invalid="true"]');
        $typed = fn (): string => (string) $this->page->executeScript('return document.activeElement.value');
        self::assertSame('1000 lb', $typed(), 'what was refused stays to be mended');
        $this->press('end', ...array_fill(0, 7, 'backspace'));
        $this->type('16 lb');
        $this->press('enter');
        $this->seeCounter('leader knot breaks first', '13 lb');
        $this->tab('Line');
        $this->button('Fluorocarbon, 12 lb, 0.31 mm')->click();
        $this->seeCounter('knot to the leader breaks first', '10 lb');
        $this->see('and a leader of');
    }
}
