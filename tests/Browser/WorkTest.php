<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverKeys;

/** The cadence kept by the audio clock, practised, drilled, and casts laid out and ticked off. */
final class WorkTest extends BrowserTestCase
{
    protected bool $keeps = false;

    /** s that beats are listened to; ESKITH_BEATS=300 for five minutes. */
    private const LISTEN_S = 6;

    public function test_beats_sound_when_they_are_due_also_in_a_hidden_tab(): void
    {
        $this->openDemo('/work');
        $this->listen();
        $this->button('Keep time')->click();
        $this->button('Stop');
        $seconds = (int) (getenv('ESKITH_BEATS') ?: self::LISTEN_S);
        $first = $this->page->getWindowHandle();
        sleep(max(2, intdiv($seconds, 2)));
        // Another tab in front: this one is hidden.
        $this->page->switchTo()->newWindow();
        sleep(max(3, intdiv($seconds + 1, 2)));
        $this->page->switchTo()->window($first);
        /** @var list<array{float, float}> $heard where the sound began on the audio clock, and where it was to begin */
        $heard = $this->page->executeScript('return window.heard');
        $cycle = (float) $this->page->executeScript('return window.cycle()');
        self::assertGreaterThan(1.5 * $seconds / $cycle, count($heard), 'beats are heard');
        foreach ($heard as [$sounded, $due]) {
            self::assertEqualsWithDelta($due, $sounded, 0.015);
        }
        $lifts = array_values($this->page->executeScript('return window.lifts'));
        foreach ($lifts as $i => $at) {
            self::assertEqualsWithDelta($lifts[0] + $i * $cycle, $at, 0.001, 'lifts stay on their schedule');
        }
        $this->button('Stop')->click();
        $this->button('Keep time');
    }

    public function test_the_count_runs_and_stops_with_a_key_and_sound_can_be_off(): void
    {
        $this->openDemo('/work');
        $this->button('sound')->click();
        $this->tabTo('button[aria-pressed][class*="bg-ember"]');
        $this->press('enter');
        $this->eventually(fn (): bool => str_starts_with($this->counted(), 'wait'), 'for the count to come to the pause');
        $this->press('enter');
        $this->eventually(fn (): bool => $this->counted() === 'ready', 'for the count to stop');
        $this->page->get("{$this->server->url}/work");
        self::assertSame('false', $this->button('sound')->getAttribute('aria-pressed'), 'how it is told is kept');
    }

    public function test_a_lift_is_dragged_told_and_kept_as_ones_own(): void
    {
        $this->openDemo('/work?view=practice');
        $pad = $this->button('Lift: drag up, or hold the arrow up');
        $this->page->executeScript('arguments[0].scrollIntoView({block: "center"})', [$pad]);
        $this->drag($pad);
        $this->see('wanted');
        $this->see('4 in in 0.3 s');
        $this->button('Keep this one')->click();
        $this->tab('How it goes');
        $this->see('These are your own numbers');
    }

    public function test_strikes_are_told_from_false_ones(): void
    {
        $this->openDemo('/work?view=bites');
        $this->see('a tick in the line');
        $this->button('Start the drill')->click();
        $this->type('s');
        $this->see('Nothing was there.');
        $this->see('1 false');
        $this->button('Stop the drill')->click();
        $this->tab('The hour');
        $this->see('of each hour are fished');
    }

    public function test_a_wall_is_laid_out_and_ticked_off_where_one_fishes(): void
    {
        $this->openDemo('/work?view=plans');
        $this->see('drift 3 of 6');
        $this->button('Lay out another')->click();
        $this->find('//input[@placeholder="Stone mole"]')->sendKeys('West wall');
        $spacing = $this->find('//label[.="Between landings"]/following-sibling::input');
        $spacing->sendKeys([WebDriverKeys::CONTROL, 'a'])->sendKeys('0 ft');
        $this->button('Lay it out')->click();
        $this->see('Landings are over 0');
        $spacing->sendKeys([WebDriverKeys::CONTROL, 'a'])->sendKeys('10 ft');
        $this->button('Lay it out')->click();
        $this->see('West wall: 21 casts along 200 ft');
        $this->page->get("{$this->server->url}/fish");
        $this->see('cast 1 of 21');
        $this->button('Made')->click();
        $this->see('cast 2 of 21');
        $this->button('Not 1')->click();
        $this->see('cast 1 of 21');
    }

    /** The count in large figures. */
    private function counted(): string
    {
        return $this->find('//*[@data-count]')->getText();
    }

    /**
     * Listens to what goes out on the audio thread, by the audio clock: a tap on the master gain tells at which frame each
     * sound begins, whatever else the machine does; each tone that is laid down says when it is due.
     */
    private function listen(): void
    {
        (new ChromeDevToolsDriver($this->page))->execute('Page.setBypassCSP', ['enabled' => true]);
        $this->page->navigate()->refresh();
        $this->button('Keep time');
        $this->page->executeScript(<<<'JS'
            const tap = `registerProcessor("tap", class extends AudioWorkletProcessor {
                // Whoever begins to listen amid a beat has not heard it begin.
                quiet = 0;
                process([[samples]]) {
                    for (let i = 0; i < (samples?.length ?? 0); i++) {
                        if (Math.abs(samples[i]) <= 0.005) { this.quiet++; continue; }
                        if (this.quiet > 0.05 * sampleRate) this.port.postMessage((currentFrame + i) / sampleRate);
                        this.quiet = 0;
                    }
                    if (!samples) this.quiet += 128;
                    return true;
                }
            });`;
            const module = URL.createObjectURL(new Blob([tap], { type: "text/javascript" }));
            window.heard = [];
            window.lifts = [];
            const due = [];
            const start = OscillatorNode.prototype.start;
            OscillatorNode.prototype.start = function (when) {
                due.push(when);
                if (this.frequency.value === 1320) window.lifts.push(when);
                return start.call(this, when);
            };
            window.cycle = () => window.lifts[1] - window.lifts[0];
            const connect = AudioNode.prototype.connect;
            AudioNode.prototype.connect = function (to, ...more) {
                if (to instanceof AudioDestinationNode)
                    this.context.audioWorklet.addModule(module).then(() => {
                        const node = new AudioWorkletNode(this.context, "tap", { numberOfOutputs: 0 });
                        node.port.onmessage = ({ data: at }) =>
                            window.heard.push([at, due.reduce((a, b) => (Math.abs(b - at) < Math.abs(a - at) ? b : a), -1)]);
                        connect.call(this, node);
                    });
                return connect.call(this, to, ...more);
            };
            JS);
    }

    private function drag(\Facebook\WebDriver\Remote\RemoteWebElement $pad): void
    {
        $mouse = $this->page->action();
        $mouse->moveToElement($pad, 0, 90)->clickAndHold()->perform();
        for ($i = 0; $i < 12; $i++) {
            $this->page->action()->moveToElement($pad, 0, 90 - 14 * ($i + 1))->perform();
            usleep(30_000);
        }
        $this->page->action()->release()->perform();
    }
}
