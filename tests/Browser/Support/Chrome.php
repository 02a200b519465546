<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use RuntimeException;

/** Debian's headless Chromium, driven through its ChromeDriver. */
final class Chrome
{
    /** @var resource */
    private $process;

    public readonly RemoteWebDriver $driver;

    private string $profile;

    private function __construct(int $width, int $height, bool $phone)
    {
        $port = FreePort::find();
        $this->profile = sys_get_temp_dir().'/eskith-chrome-'.bin2hex(random_bytes(5));
        $process = proc_open(
            ['chromedriver', "--port={$port}"],
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']], $pipes,
        );
        $this->process = $process !== false ? $process : throw new RuntimeException('ChromeDriver cannot be started.');
        FreePort::waitFor($port, 15);
        $options = new ChromeOptions;
        $options->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--disable-background-networking',
            '--disable-component-update',
            '--disable-sync', '--no-first-run', '--hide-scrollbars', '--force-device-scale-factor=1',
            "--user-data-dir={$this->profile}", "--window-size={$width},{$height}",
        ]);
        if ($phone) {
            $options->setExperimentalOption(
                'mobileEmulation',
                ['deviceMetrics' => ['width' => $width, 'height' => $height, 'pixelRatio' => 1.0, 'touch' => true]],
            );
        }
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $this->driver = RemoteWebDriver::create("http://127.0.0.1:{$port}", $capabilities, 30_000, 60_000);
        if (! $phone) {
            $this->fitInner($width, $height);
        }
    }

    public static function desktop(int $width = 1280, int $height = 800): self
    {
        return new self($width, $height, false);
    }

    public static function phone(int $width = 390, int $height = 844): self
    {
        return new self($width, $height, true);
    }

    public function quit(): void
    {
        $this->driver->quit();
        proc_terminate($this->process);
        proc_close($this->process);
        exec('rm -rf '.escapeshellarg($this->profile));
    }

    /** Makes the page itself this large, without the window's own frame. */
    private function fitInner(int $width, int $height): void
    {
        [$innerWidth, $innerHeight] = $this->driver->executeScript('return [window.innerWidth, window.innerHeight]');
        $this->driver->manage()->window()->setSize(
            new \Facebook\WebDriver\WebDriverDimension(2 * $width - $innerWidth, 2 * $height - $innerHeight),
        );
    }
}
