<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use RuntimeException;

/** Debian's headless Chromium, driven through its ChromeDriver. */
final class Chrome
{
    /** @var resource */
    private $process;

    public RemoteWebDriver $driver;

    private string $profile;

    private string $at;

    /** What takes the service worker from the pages, while it does. */
    private ?string $withoutWorker = null;

    private function __construct(private readonly int $width, private readonly int $height, private readonly bool $phone)
    {
        $port = FreePort::find();
        $this->profile = sys_get_temp_dir().'/eskith-chrome-'.bin2hex(random_bytes(5));
        $this->at = "http://127.0.0.1:{$port}";
        $process = proc_open(
            ['chromedriver', "--port={$port}"],
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']], $pipes,
        );
        $this->process = $process !== false ? $process : throw new RuntimeException('ChromeDriver cannot be started.');
        FreePort::waitFor($port, 15);
        $this->driver = $this->opened();
    }

    /** Closes the browser and opens it again, with all it kept. */
    public function reopen(): RemoteWebDriver
    {
        $this->driver->quit();

        return $this->driver = $this->opened();
    }

    /** Ends the browser at once, whatever it is doing, and opens it again. */
    public function killed(): RemoteWebDriver
    {
        exec('pkill -KILL -f '.escapeshellarg("user-data-dir={$this->profile}"));
        try {
            $this->driver->quit();
        } catch (\Facebook\WebDriver\Exception\WebDriverException) {
            // It is gone already.
        }
        @unlink("{$this->profile}/SingletonLock");

        return $this->driver = $this->opened();
    }

    private function opened(): RemoteWebDriver
    {
        $this->withoutWorker = null;
        $options = new ChromeOptions;
        $options->addArguments([
            // A person at a desk wants to see it.
            ...(getenv('ESKITH_SHOWN') === '1' ? [] : ['--headless=new']),
            '--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--disable-background-networking',
            '--disable-component-update',
            '--disable-sync', '--no-first-run', '--hide-scrollbars', '--force-device-scale-factor=1',
            "--user-data-dir={$this->profile}", "--window-size={$this->width},{$this->height}",
        ]);
        if ($this->phone) {
            $options->setExperimentalOption(
                'mobileEmulation',
                ['deviceMetrics' => ['width' => $this->width, 'height' => $this->height, 'pixelRatio' => 1.0, 'touch' => true]],
            );
        }
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $driver = RemoteWebDriver::create($this->at, $capabilities, 30_000, 60_000);
        if (! $this->phone) {
            $this->fitInner($driver);
        }

        return $driver;
    }

    /** A fresh one, or the one of the test before with all it knew forgotten: starting one takes seconds. */
    public static function desktop(): self
    {
        return self::fresh('desktop', static fn (): self => new self(1280, 800, false));
    }

    public static function phone(): self
    {
        return self::fresh('phone', static fn (): self => new self(390, 844, true));
    }

    /** @param  \Closure(): self  $make */
    private static function fresh(string $kind, \Closure $make): self
    {
        /** @var array<string, self> $running */
        static $running = [];
        if (! isset($running[$kind])) {
            $running[$kind] = $make();
            register_shutdown_function($running[$kind]->quit(...));
        }

        return $running[$kind];
    }

    /** With service workers or without, as in a private window of some browsers. */
    public function keeps(bool $keeps): void
    {
        $devtools = new ChromeDevToolsDriver($this->driver);
        if ($keeps && $this->withoutWorker !== null) {
            $devtools->execute('Page.removeScriptToEvaluateOnNewDocument', ['identifier' => $this->withoutWorker]);
            $this->withoutWorker = null;
        } elseif (! $keeps && $this->withoutWorker === null) {
            $this->withoutWorker = (string) $devtools->execute(
                'Page.addScriptToEvaluateOnNewDocument', ['source' => 'delete Navigator.prototype.serviceWorker;'],
            )['identifier'];
        }
    }

    /** @param  array<string, string>  $cookies  by name, of a site */
    public function remember(string $site, array $cookies): void
    {
        $devtools = new ChromeDevToolsDriver($this->driver);
        foreach ($cookies as $name => $value) {
            $devtools->execute('Network.setCookie', ['name' => $name, 'value' => $value, 'url' => $site, 'sameSite' => 'Lax']);
        }
    }

    public function forgetVisit(): void
    {
        (new ChromeDevToolsDriver($this->driver))->execute('Network.clearBrowserCookies');
    }

    /** Forgets everything: cookies, what pages kept, what they complained of, and all windows but one. */
    public function forget(): void
    {
        $windows = $this->driver->getWindowHandles();
        foreach (array_slice($windows, 1) as $window) {
            $this->driver->switchTo()->window($window)->close();
        }
        $this->driver->switchTo()->window($windows[0]);
        $devtools = new ChromeDevToolsDriver($this->driver);
        $devtools->execute('Storage.clearDataForOrigin', ['origin' => '*', 'storageTypes' => 'all']);
        $devtools->execute('Network.clearBrowserCookies');
        $devtools->execute('Network.clearBrowserCache');
        $this->driver->get('about:blank');
        $this->driver->manage()->getLog('browser');
    }

    private function quit(): void
    {
        $this->driver->quit();
        proc_terminate($this->process);
        proc_close($this->process);
        exec('rm -rf '.escapeshellarg($this->profile));
    }

    /** Makes the page itself this large, without the window's own frame. */
    private function fitInner(RemoteWebDriver $driver): void
    {
        [$innerWidth, $innerHeight] = $driver->executeScript('return [window.innerWidth, window.innerHeight]');
        $driver->manage()->window()->setSize(
            new \Facebook\WebDriver\WebDriverDimension(2 * $this->width - $innerWidth, 2 * $this->height - $innerHeight),
        );
    }
}
