<?php

declare(strict_types=1);

namespace Eskith\Telling\Settings;

use Eskith\Core\Cadence\BladeFall;
use Eskith\Core\Cadence\CadenceBook;
use Eskith\Core\Cadence\SpoonFall;
use Eskith\Core\Choosing\FinishSchool;
use Eskith\Core\Choosing\HoleSchool;
use Eskith\Core\Choosing\Schools;
use Eskith\Core\Choosing\ShoreSchool;
use Eskith\Core\Choosing\Trials;
use Eskith\Core\Choosing\VigourSchool;
use Eskith\Core\Rig\Reel;
use Eskith\Core\Tackle\FactoryHooks;
use Eskith\Core\Units\Unit;
use Eskith\Core\Units\UnitSet;

/** What an angler has set: units, schools, patience, theme and the numbers of their cadences. */
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
        'blade_fall' => ['controlled', 'free'],
        'spoon_fall' => ['slack', 'taut'],
        'shore' => ['lee', 'windward'],
        'reel' => ['spinning', 'casting'],
        'factory_hooks' => ['replaced', 'kept'],
        'change' => ['3', '1', '5', '8'],
        'trial' => ['10', '5', '15', '20'],
        'theme' => ['day', 'dawn', 'sun'],
    ];

    /**
     * Of what was set, what can be: what is written out, and what is taken in.
     *
     * @param  array<array-key, mixed>  $set
     * @return array<string, mixed>
     */
    public static function sound(array $set): array
    {
        $chosen = array_filter(
            array_intersect_key($set, self::CHOICES),
            static fn (mixed $value, string $name): bool => in_array($value, self::CHOICES[$name], true),
            ARRAY_FILTER_USE_BOTH,
        );
        $own = OwnCadences::of($set)->kept;

        return $own === [] ? $chosen : [...$chosen, OwnCadences::KEY => $own];
    }

    /**
     * Every choice as it stands: as set, else the default.
     *
     * @param  array<array-key, mixed>  $set
     * @return array<string, string>
     */
    public static function chosen(array $set): array
    {
        $chosen = [];
        foreach (self::CHOICES as $name => $choices) {
            $chosen[$name] = in_array($set[$name] ?? null, $choices, true) ? $set[$name] : $choices[0];
        }

        return $chosen;
    }

    private function __construct(
        public UnitSet $units, public Schools $schools, public string $theme, public Trials $trials,
        public CadenceBook $cadences,
    ) {
    }

    /** @param  array<array-key, mixed>  $set what was set; anything unknown falls back to the default */
    public static function from(array $set): self
    {
        $chosen = self::chosen($set);
        $of = static fn (string $name): string => $chosen[$name];

        return new self(
            UnitSet::of(
                Unit::from($of('weight')), Unit::from($of('depth')), Unit::from($of('speed')), Unit::from($of('temperature')),
                Unit::from($of('fish_weight')),
            ),
            new Schools(
                hole: HoleSchool::from($of('hole')),
                finish: FinishSchool::from($of('finish')),
                vigour: VigourSchool::from($of('vigour')),
                gold: $of('gold') === 'yes',
                bladeFall: BladeFall::from($of('blade_fall')),
                spoonFall: SpoonFall::from($of('spoon_fall')),
                shore: ShoreSchool::from($of('shore')),
                reel: Reel::from($of('reel')),
                factoryHooks: FactoryHooks::from($of('factory_hooks')),
            ),
            $of('theme'),
            // A cast takes half as long again to try: ten to fifteen casts.
            new Trials((float) $of('change'), (float) $of('trial'), 1.5 * (float) $of('trial')),
            OwnCadences::of($set)->book(),
        );
    }
}
