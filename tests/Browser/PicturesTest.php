<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Tests\Support\Photo;

/** A picture from the camera: made small on the phone, kept there without a signal, shown with its fish. */
final class PicturesTest extends BrowserTestCase
{
    protected bool $phone = true;

    private string $photo;

    protected function setUp(): void
    {
        parent::setUp();
        $this->photo = sys_get_temp_dir().'/eskith-photo-'.getmypid().'.jpg';
        file_put_contents($this->photo, Photo::withNotes(Photo::of(4000, 3000, 60)));
    }

    protected function tearDown(): void
    {
        unlink($this->photo);
        parent::tearDown();
    }

    public function test_a_fish_landed_with_no_signal_has_its_picture_and_nothing_of_what_the_camera_wrote(): void
    {
        $this->openDemo('/fish');
        $this->untilKept();
        $before = (int) $this->server->records()->query('SELECT max(id) FROM pictures')->fetchColumn();
        $this->server->kill();
        $this->click('Fish on');
        $this->choose("//*[@role='dialog']");
        $this->shows("//*[@role='dialog']", 'Picture 1 of this fish');
        $this->click('Landed');
        $this->see('1 picture');
        $this->see('Saved here, 2 to send');
        // The browser is closed on the way home: what waits is there again.
        $this->page = $this->chrome->reopen();
        $this->page->get("{$this->server->url}/fish");
        $this->see('Saved here, 2 to send');
        $this->server->serve();
        $this->click('2 to send');
        $this->click('Send now');
        $this->see('Everything has arrived.');
        [$width, $height, $bytes, $outing] = $this->server->records()->query(
            "SELECT p.width, p.height, f.bytes, o.uuid FROM pictures p JOIN picture_files f ON f.picture_id = p.id
             JOIN events e ON e.id = p.event_id JOIN outings o ON o.id = e.outing_id WHERE p.id > {$before}",
        )->fetch(\PDO::FETCH_NUM);
        self::assertSame([1600, 1200], [(int) $width, (int) $height]);
        foreach (Photo::NOTES as $note) {
            self::assertStringNotContainsString($note, (string) $bytes);
        }
        $this->page->get("{$this->server->url}/outings/{$outing}");
        $this->shows('//main', 'Walleye', 1600);
    }

    public function test_a_lure_has_its_picture_beside_its_drawing_until_it_is_taken_away(): void
    {
        $lure = (int) $this->server->records()->query('SELECT min(id) FROM lures')->fetchColumn();
        $this->openDemo("/tackle/{$lure}");
        $this->see('Your pictures');
        $this->choose('//main');
        $this->eventually(fn (): bool => (int) $this->server->records()->query(
            "SELECT count(*) FROM pictures WHERE lure_id = {$lure}",
        )->fetchColumn() === 1, 'for the picture to arrive');
        $this->shows('//main', 'Picture 1 of this lure', 1600);
        $this->page->navigate()->refresh();
        $this->shows('//main', 'Picture 1 of this lure', 1600);
        $this->clickOn(fn () => $this->find("//button[.//img[@alt='Picture 1 of this lure']]"), 'the picture');
        $this->click('Take this picture away');
        $this->click('Yes, take the picture away');
        $this->eventually(fn (): bool => (int) $this->server->records()->query(
            "SELECT count(*) FROM pictures WHERE lure_id = {$lure}",
        )->fetchColumn() === 0, 'for the picture to go');
    }

    private function choose(string $within): void
    {
        $this->find("{$within}//section[@aria-label='Pictures']//label");
        $this->page->findElement(WebDriverBy::xpath("{$within}//section[@aria-label='Pictures']//input[@type='file']"))
            ->sendKeys($this->photo);
    }

    /** A picture is drawn, so many dots wide. */
    private function shows(string $within, string $alt, int $width = 1600): void
    {
        $image = $this->find("{$within}//img[starts-with(@alt, '{$alt}')]");
        $this->eventually(fn (): bool => (int) $this->page->executeScript(
            'arguments[0].scrollIntoView({ block: "center" }); return arguments[0].naturalWidth', [$image],
        ) === $width, "for {$alt} to be drawn");
    }
}
