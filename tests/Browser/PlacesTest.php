<?php

declare(strict_types=1);

namespace Tests\Browser;

use Eskith\Core\Formats\Gpx;
use Eskith\Core\Formats\PlacesFile;
use Eskith\Core\Formats\Track;
use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The ground of waters: the chart by mouse and by keys, sections fished, marks laid, files brought in, read without a connection. */
final class PlacesTest extends BrowserTestCase
{
    protected bool $keeps = false;

    private function chart(): RemoteWebElement
    {
        return $this->find('//*[@role="application"]');
    }

    private function pressAt(int $dx, int $dy): void
    {
        (new WebDriverActions($this->page))->moveToElement($this->chart(), $dx, $dy)->click()->perform();
    }

    private function tool(string $words): void
    {
        $this->find("//*[@role='radio'][normalize-space()=\"{$words}\"]")->click();
    }

    public function test_a_section_is_drawn_by_keys_alone_and_fished(): void
    {
        $this->openDemo('/places/3');
        $this->see('Look first at the ledge at');
        $this->tabTo('[role=radio][data-state=on]');
        $this->press('arrow_right', 'space');
        $this->see('Press where the section begins.');
        $this->tabTo('[role=application]');
        $this->press('arrow_left', 'arrow_left', 'arrow_left', 'enter');
        $this->see('Press where it ends.');
        $this->press('arrow_right', 'arrow_right', 'arrow_right', 'enter');
        $this->see('Drops ');
        $this->eventually(fn (): bool => str_contains($this->page->getCurrentURL(), 'line='), 'for the line to stand in the address');
        $this->tabTo('button[aria-label^="End of the line"]');
        $before = $this->page->getCurrentURL();
        $this->press('arrow_down', 'arrow_down', 'arrow_down');
        $this->eventually(fn (): bool => $this->page->getCurrentURL() !== $before, 'for the end to move');
        $this->page->navigate()->refresh();
        $this->see('Drops ');
        $this->button('Fish this line')->click();
        $this->eventually(
            fn (): bool => str_contains(
                $this->text(), 'the ledges are laid out'
            ) || str_contains($this->text(), 'The depth is set for this line'),
            'for the section to be fished',
        );
    }

    public function test_a_section_is_pressed_a_mark_is_laid_opened_and_taken_away(): void
    {
        $this->openDemo('/places/1');
        $this->see('2,747 soundings');
        $this->tool('Section');
        $this->pressAt(-60, 0);
        $this->see('Press where it ends.');
        $this->pressAt(80, 10);
        $this->see('× as tall.');
        $this->see('Drops ');
        $this->tool('Mark');
        $this->pressAt(0, 60);
        $this->see('Mark this place');
        $this->find("//*[@role='dialog']//button[normalize-space()='snag']")->click();
        $this->find("//label[.='Note']/following-sibling::input")->sendKeys('a drowned cart');
        $this->find("//label[.='How deep']/following-sibling::input")->sendKeys('deep');
        $this->button('Keep it')->click();
        $this->find("//*[@role='dialog']//*[@role='alert']");
        $this->find("//label[.='How deep']/following-sibling::input")->sendKeys([WebDriverKeys::CONTROL, 'a'])->sendKeys('40 ft');
        $this->button('Keep it')->click();
        $this->see('at 40 ft, a drowned cart');
        $this->tool('Move');
        $this->pressAt(0, 60);
        $this->see('Nothing says where you are');
        $this->button('Take it away')->click();
        $this->eventually(fn (): bool => ! str_contains($this->text(), 'a drowned cart'), 'for the mark to be gone');
    }

    public function test_the_chart_is_dragged_and_brought_nearer(): void
    {
        $this->openDemo('/places/1');
        $this->see('2,747 soundings');
        $bar = fn (): string => (string) $this->page->executeScript(
            'return document.querySelector("[data-scale]").textContent',
        );
        $spot = fn (): float => (float) $this->page->executeScript(
            'return [...document.querySelectorAll("[role=application] text")].find((one) => one.textContent === "North bar")'
                .'.getBoundingClientRect().left',
        );
        [$scale, $left] = [$bar(), $spot()];
        (
            new WebDriverActions($this->page)
        )->moveToElement($this->chart(), -100, 40)->clickAndHold()->moveByOffset(60, 0)->moveByOffset(30, 0)
            ->release()->perform();
        $this->eventually(fn (): bool => abs($left + 90 - $spot()) <= 3.0, 'for it to go with the hand');
        $this->button('Nearer')->click();
        $this->button('Nearer')->click();
        $this->eventually(fn (): bool => $bar() !== $scale, 'for the scale to be another');
        $this->button('All')->click();
        $this->eventually(fn (): bool => abs($spot() - $left) < 1.0 && $bar() === $scale, 'for all of it to be there again');
    }

    public function test_a_track_is_brought_in_and_a_broken_file_refused(): void
    {
        $this->openDemo('/places/1');
        $this->button('Files')->click();
        $this->see('Soundings of Hallowmere');
        $track = new Track('Evening drift');
        for ($i = 0; $i < 300; $i++) {
            $track->add(45.2330 + $i * 2e-6, -7.8790, 12.0 + $i / 300, 1_790_000_000.0 + $i);
        }
        $this->bring(Gpx::write(new PlacesFile(tracks: [$track])));
        $this->see('soundings from 300 points.');
        $this->see('Evening drift');
        $this->bring('<gpx');
        $this->see('That GPX file is broken on line 1');
        $this->button('Take Evening drift away')->click();
        $this->button('Take Evening drift away')->click();
        $this->eventually(fn (): bool => ! str_contains($this->text(), 'Evening drift'), 'for the survey to be gone');
    }

    private function bring(string $bytes): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'track');
        file_put_contents($file, $bytes);
        $this->page->findElement(WebDriverBy::cssSelector('[role=dialog] input[type=file]'))->sendKeys($file);
    }

    public function test_recording_is_begun_and_stopped_and_silence_is_said(): void
    {
        $this->openDemo('/places/1');
        $this->button('Record soundings')->click();
        $this->see('Recording 0 min');
        $this->see('The instruments are silent: nothing comes in.');
        $this->button('Stop')->click();
        $this->see('Nothing was heard, so nothing is kept.');
        $this->button('Record soundings');
    }

    public function test_a_water_is_made_sketched_by_hand_and_deleted(): void
    {
        $this->openDemo('/places/1');
        $this->button('Another water')->click();
        $this->find("//label[.='Name']/following-sibling::input")->sendKeys('Back pond');
        $this->button('Keep it')->click();
        $this->see('Nothing of Back pond is sounded yet');
        $this->tool('Depth');
        foreach ([[-80, -40, '4 ft'], [80, -40, '6 ft'], [0, 60, '19 ft']] as [$dx, $dy, $depth]) {
            $this->pressAt($dx, $dy);
            $this->find("//label[.='Depth']/following-sibling::input")->sendKeys($depth);
            $this->button('Lay it on the chart')->click();
            $this->eventually(fn (): bool => ! str_contains($this->text(), 'How deep is it here?'), 'for the depth to be kept');
        }
        $this->see('3 soundings');
        $this->button('Change this water')->click();
        $this->button('Delete this water')->click();
        $this->button('Delete it with 3 surveys')->click();
        $this->see('Back pond is deleted; its outings stay in the record.');
    }

    public function test_the_chart_is_read_without_a_connection(): void
    {
        $this->chrome->keeps(true);
        $this->openDemo('/places');
        $this->see('2,747 soundings');
        $this->untilKept();
        $this->server->kill();
        $this->page->navigate()->refresh();
        $this->see('2,747 soundings');
        $this->eventually(fn (): bool => $this->page->executeScript(
            'return document.querySelectorAll("[role=application] path").length',
        ) > 8, 'for the chart to be drawn');
        $this->page->manage()->getLog('browser');
    }

    public function test_one_tap_marks_on_the_water_and_leads_back(): void
    {
        $this->openDemo('/fish');
        $this->button('Mark patch here')->click();
        $back = $this->find("//button[starts-with(normalize-space(), 'Back on the patch')]");
        $this->seeAllSaved();
        $back->click();
        $this->see('Nothing says where you are; at North bar');
        $this->press('escape');
        $this->page->get("{$this->server->url}/places");
        $this->see('somewhere at the spot');
    }
}
