<?php

declare(strict_types=1);

namespace App\Settings;

use Eskith\Core\Choosing\FinishSchool;
use Eskith\Core\Choosing\HoleSchool;
use Eskith\Core\Choosing\Schools;
use Eskith\Core\Choosing\Trials;
use Eskith\Core\Choosing\VigourSchool;
use Eskith\Core\Units\Unit;
use Eskith\Core\Units\UnitSet;

/** What an angler has set: units, schools and theme. */
final readonly class Settings
{
    /** Choices by setting, the first being the default. */
    public const CHOICES = [
        'weight' => ['oz', 'g'],
        'depth' => ['ft', 'm'],
        'speed' => ['mph', 'kn', 'm/s', 'km/h'],
        'temperature' => ['°F', '°C'],
        'fish_weight' => ['lb', 'kg'],
        'hole' => ['middle-first', 'level-lift'],
        'finish' => ['forage-and-silhouette', 'flash-by-light'],
        'vigour' => ['barely-move', 'snap-awake'],
        'gold' => ['no', 'yes'],
        'change' => ['3', '1', '5', '8'],
        'trial' => ['10', '5', '15', '20'],
        'theme' => ['day', 'dawn', 'sun'],
    ];

    private function __construct(public UnitSet $units, public Schools $schools, public string $theme, public Trials $trials)
    {
    }

    /** @param  array<string, string>  $set what was set; anything unknown falls back to the default */
    public static function from(array $set): self
    {
        $of = static fn (string $name): string => in_array($set[$name] ?? null, self::CHOICES[$name], true) ? (string) $set[$name] : self::CHOICES[$name][0];

        return new self(
            UnitSet::of(Unit::from($of('weight')), Unit::from($of('depth')), Unit::from($of('speed')), Unit::from($of('temperature')), Unit::from($of('fish_weight'))),
            new Schools(HoleSchool::from($of('hole')), FinishSchool::from($of('finish')), VigourSchool::from($of('vigour')), $of('gold') === 'yes'),
            $of('theme'),
            // A cast takes half as long again to try: ten to fifteen casts.
            new Trials((float) $of('change'), (float) $of('trial'), 1.5 * (float) $of('trial')),
        );
    }
}
