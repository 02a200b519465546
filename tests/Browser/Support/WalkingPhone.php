<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Remote\RemoteWebDriver;

/** A browser that says where it is and how it is held, by its own emulation. */
final class WalkingPhone
{
    private const SENSOR = 'absolute-orientation';

    private readonly ChromeDevToolsDriver $devtools;

    private bool $feels = false;

    public function __construct(RemoteWebDriver $page, private readonly string $origin)
    {
        $this->devtools = new ChromeDevToolsDriver($page);
    }

    /** @param  float  $accuracy  m */
    public function isAt(float $latitude, float $longitude, float $accuracy): void
    {
        $this->devtools->execute('Browser.grantPermissions', ['permissions' => ['geolocation', 'sensors'], 'origin' => $this->origin]);
        $this->devtools->execute(
            'Emulation.setGeolocationOverride', ['latitude' => $latitude, 'longitude' => $longitude, 'accuracy' => $accuracy],
        );
    }

    /** Degrees, as browsers tell an orientation: turned, tipped and rolled, in this order. */
    public function isHeld(float $alpha, float $beta, float $gamma): void
    {
        [$z, $x, $y] = array_map(static fn (float $degrees): float => deg2rad($degrees) / 2, [$alpha, $beta, $gamma]);
        if (! $this->feels) {
            $this->devtools->execute('Emulation.setSensorOverrideEnabled', [
                'enabled' => true, 'type' => self::SENSOR, 'metadata' => ['available' => true],
            ]);
            $this->feels = true;
        }
        $this->devtools->execute('Emulation.setSensorOverrideReadings', ['type' => self::SENSOR, 'reading' => ['quaternion' => [
            'x' => sin($x) * cos($y) * cos($z) - cos($x) * sin($y) * sin($z),
            'y' => cos($x) * sin($y) * cos($z) + sin($x) * cos($y) * sin($z),
            'z' => cos($x) * cos($y) * sin($z) + sin($x) * sin($y) * cos($z),
            'w' => cos($x) * cos($y) * cos($z) - sin($x) * sin($y) * sin($z),
        ]]]);
    }
}
