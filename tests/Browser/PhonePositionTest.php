<?php

declare(strict_types=1);

namespace Tests\Browser;

use Eskith\Core\Formats\FixText;
use Tests\Browser\Support\WalkingPhone;

/** The phone says where it is: played through the browser's own emulation. */
final class PhonePositionTest extends BrowserTestCase
{
    /** Degrees of latitude for a metre. */
    private const METRE = 1 / 111_400;

    protected bool $phone = true;

    protected bool $keeps = false;

    public function test_marks_lie_where_the_phone_is_as_they_are_pressed_with_a_signal_and_without(): void
    {
        $origin = $this->origin();
        $this->usedOnFish($origin);
        $this->at($origin, 40.0, 6.0);
        $before = $this->last();
        $this->click('Mark snag here');
        $this->marked($before, 40.0, 6.0);
        // What it is not sure of is not marked with.
        $this->at($origin, 200.0, 60.0);
        $this->see('at the spot, until this phone is sure');
        // With no signal it is kept with the place of the press, wherever the boat goes until it is sent.
        $this->at($origin, 80.0, 9.0);
        $this->see('where this phone is');
        $this->server->kill();
        $before = $this->last();
        $this->at($origin, 80.0, 9.0);
        $this->click('Mark edge here');
        $this->see('to send');
        $this->at($origin, 300.0, 9.0);
        $this->server->serve();
        $this->marked($before, 80.0, 9.0);
    }

    public function test_the_chart_shows_the_boat_by_the_phone_and_says_how_sure_it_is(): void
    {
        $origin = $this->origin();
        $this->openDemo('/this-phone');
        $this->at($origin, 20.0, 45.0);
        $this->find("//label[normalize-space()='Say where it is']")->click();
        $this->see('This phone says where it is');
        $this->page->get("{$this->server->url}/places/{$origin[2]}");
        $this->eventually(function () use ($origin): bool {
            $this->at($origin, 20.0, 45.0);

            return str_contains($this->text(), 'This phone is only sure to') && $this->drawn('svg circle title') === 1;
        }, 'for a circle alone');
        self::assertSame(1, $this->drawn('svg circle title'));
        $this->eventually(function () use ($origin): bool {
            $this->at($origin, 20.0, 6.0);

            return str_contains($this->text(), 'This phone, within 20 ft.') && $this->drawn('svg g > title') > 0;
        }, 'for the boat');
        $this->page->get("{$this->server->url}/this-phone");
        $this->find("//label[normalize-space()='Say where it is']")->click();
        $this->page->get("{$this->server->url}/places/{$origin[2]}");
        $this->find("//button[normalize-space()='Use this phone']");
    }

    public function test_where_the_boat_goes_is_kept_with_its_outing_with_a_signal_and_without(): void
    {
        $origin = $this->origin();
        $this->usedOnFish($origin);
        $before = (int) $this->server->records()->query('SELECT max(id) FROM tracks')->fetchColumn();
        $this->server->kill();
        for ($step = 1; $step <= 9; $step++) {
            $this->at($origin, 8.0 * $step, 6.0);
            // A mean of ten seconds is one place.
            usleep(3_000_000);
        }
        // It was on the device alone until there is a signal, and goes in line as the page is left.
        $this->server->serve();
        $this->click('Work');
        $fixes = $this->eventually(fn (): ?string => $this->server->records()->query(
            "SELECT fixes FROM tracks t JOIN outings o ON o.id = t.outing_id AND o.ended_at IS NULL WHERE t.id > {$before}",
        )->fetchColumn() ?: null, 'for the way to arrive');
        $way = FixText::read($fixes);
        self::assertGreaterThan(20.0, ($way[count($way) - 1][1] - $way[0][1]) / self::METRE);
    }

    public function test_the_wind_is_told_by_pointing_the_phone_where_it_comes_from(): void
    {
        $this->openDemo('/water');
        $this->clickOn(fn () => $this->find('//section[@aria-label="Movement"]//button'), 'the group');
        $this->clickOn(fn () => $this->find(
            "//button[starts-with(normalize-space(), 'wind from') or contains(@aria-label, 'wind from')]",
        ), 'the wind');
        $this->see('Point this phone where it comes from');
        $phone = new WalkingPhone($this->page, $this->server->url);
        $phone->isHeld(40.0, 8.0, 2.0);
        $this->click('Point this phone where it comes from');
        for ($i = 0; $i < 4; $i++) {
            usleep(300_000);
            // A hand trembles: northwest, or 315° from north.
            $phone->isHeld(45.0 + ($i % 2), 6.0 + $i, 2.0);
        }
        $this->see('Northwest: 31');
        $this->eventually(fn (): bool => $this->server->records()->query(
            "SELECT text FROM readings WHERE name = 'wind_from'",
        )->fetchColumn() === 'nw', 'for the wind to be read');
    }

    /** @param  array{float, float, int}  $origin */
    private function usedOnFish(array $origin): void
    {
        $this->openDemo('/fish');
        $this->at($origin, 0.0, 6.0);
        $this->see('Mark here');
        $this->click('Use this phone');
        $this->see('where this phone is');
    }

    /** The first water that lies somewhere: latitude, longitude, id. @return array{float, float, int} */
    private function origin(): array
    {
        [$latitude, $longitude, $id] = $this->server->records()->query(
            'SELECT w.latitude, w.longitude, w.id FROM waters w JOIN spots s ON s.water_id = w.id
             JOIN outings o ON o.spot_id = s.id AND o.ended_at IS NULL WHERE w.latitude IS NOT NULL LIMIT 1',
        )->fetch(\PDO::FETCH_NUM);

        return [(float) $latitude, (float) $longitude, (int) $id];
    }

    /** @param  array{float, float, int}  $origin */
    private function at(array $origin, float $north, float $accuracy): void
    {
        (new WalkingPhone($this->page, $this->server->url))->isAt($origin[0] + $north * self::METRE, $origin[1], $accuracy);
    }

    private function marked(int $before, float $north, float $accuracy): void
    {
        $mark = $this->eventually(fn (): ?array => $this->server->records()->query(
            "SELECT north_m, east_m, accuracy_m, about FROM marks WHERE id > {$before}",
        )->fetch(\PDO::FETCH_ASSOC) ?: null, 'for the mark to arrive');
        self::assertEqualsWithDelta(
            [$north, 0.0, $accuracy, 0.0], array_map(floatval(...), array_values($mark)), 1.0, 'north, east, accuracy, about',
        );
    }

    private function last(): int
    {
        return (int) $this->server->records()->query('SELECT max(id) FROM marks')->fetchColumn();
    }

    private function drawn(string $selector): int
    {
        return (int) $this->page->executeScript('return document.querySelectorAll(arguments[0]).length', [$selector]);
    }

    /** The server was away: what the browser complains of then is not counted. */
    protected function tearDown(): void
    {
        $this->page->manage()->getLog('browser');
        parent::tearDown();
    }
}
