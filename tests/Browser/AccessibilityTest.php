<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;

/** axe-core finds nothing serious on any page, in any theme. */
final class AccessibilityTest extends BrowserTestCase
{
    protected bool $keeps = false;

    private const PAGES = [
        '/water', '/water?view=drop', '/water?view=chart', '/water?view=angle', '/water?view=cast', '/water?view=calibrate',
        '/water?view=instruments', '/lure', '/rig', '/fish', '/outings', '/look-back', '/look-back?view=same-day',
        '/look-back?view=stages', '/look-back?view=depth', '/look-back?view=season', '/look-back?view=schools', '/look-back?view=place',
        '/look-back/trust',
        '/places', '/places/2', '/places/4',
        '/tackle', '/tackle/1', '/gear', '/rules', '/boat-card',
        '/settings', '/this-phone', '/cadences', '/account', '/work', '/work?view=practice', '/work?view=plans',
        '/work?view=bites', '/work?view=hour',
    ];

    private const IN_ALL_THEMES = [
        '/lure', '/fish', '/rig', '/work?view=plans', '/look-back', '/look-back?view=depth', '/rules', '/settings',
        '/places', '/water',
    ];

    /** @return iterable<string, array{list<string>}> a part of the pages each, to be looked at side by side */
    public static function parts(): iterable
    {
        foreach (array_chunk(self::PAGES, 12) as $i => $paths) {
            yield 'part '.($i + 1) => [$paths];
        }
    }

    /** @param  list<string>  $paths */
    #[DataProvider('parts')]
    public function test_no_serious_finding(array $paths): void
    {
        $this->openDemo($paths[0]);
        foreach ($paths as $path) {
            $this->page->get($this->server->url.$path);
            $this->find('//h1');
            $this->check($path);
            foreach (in_array($path, self::IN_ALL_THEMES, true) ? ['dawn', 'sun'] : [] as $theme) {
                $this->page->executeScript('document.documentElement.dataset.theme = arguments[0]', [$theme]);
                // A theme is colours and nothing else.
                $this->check("{$path} ({$theme})", ['color-contrast']);
            }
        }
    }

    public function test_no_serious_finding_before_signing_in(): void
    {
        $pages = ['/sign-in' => 'Open the demo', '/register' => 'Make the account', '/forgot-password' => 'Send the email'];
        foreach ($pages as $path => $words) {
            $this->page->get($this->server->url.$path);
            $this->button($words);
            $this->check($path);
        }
    }

    public function test_dialogs_and_popovers_too(): void
    {
        $this->openDemo('/fish');
        $this->button('Fish on')->click();
        $this->find('//input[@placeholder="not measured"]');
        $this->check('fish on');
        $this->page->get("{$this->server->url}/lure");
        $this->find('//button[@data-reading="depth"]')->click();
        $this->find('//input[@placeholder="not read"]');
        $this->check('a reading');
        $this->press('escape');
        foreach (['No bite' => 'When nothing bites', 'What if' => 'Above 35 ft', 'Compare' => 'Side by side'] as $tab => $words) {
            $this->tab($tab);
            $this->see($words);
            $this->check("beside the picks, {$tab}");
        }
        $this->page->get("{$this->server->url}/rig");
        $this->button('Another rod')->click();
        $this->see('Stays out with other bait');
        $this->check('another rod');
        $this->page->get("{$this->server->url}/rules");
        $this->button('Write a rule')->click();
        $this->see('A rule of your own');
        $this->check('writing a rule');
    }

    /** @param  list<string>|null  $rules  null for all */
    private function check(string $where, ?array $rules = null): void
    {
        if ($this->page->executeScript('return typeof axe === "undefined"') === true) {
            $this->page->executeScript((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
        }
        $this->page->manage()->timeouts()->setScriptTimeout(self::PATIENCE_S);
        $found = $this->page->executeAsyncScript(<<<'JS'
            const [rules, done] = arguments;
            const told = (node) => node.html.slice(0, 160) + " " + node.failureSummary;
            axe.run(document, { resultTypes: ["violations"], ...(rules && { runOnly: rules }) }).then((result) => done(result.violations
                .filter((finding) => ["serious", "critical"].includes(finding.impact))
                .map((finding) => finding.id + ": " + finding.nodes.slice(0, 3).map(told).join(" | "))));
            JS, [$rules]);

        self::assertSame([], $found, $where);
    }
}
