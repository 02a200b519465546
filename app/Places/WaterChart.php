<?php

declare(strict_types=1);

namespace App\Places;

use App\Models\Water;
use App\Rows\GroundReader;
use Closure;
use Eskith\Core\Water\Position;
use Eskith\Core\Water\Relief\Lattice;
use Eskith\Core\Water\Relief\Structure;
use Eskith\Core\Water\Relief\StructureKind;
use Eskith\Core\Water\Relief\Structures;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Support\Facades\Cache;

/**
 * What the soundings of a water come to: a lattice of depths and what of the bottom fish keep to. Worked out once for each
 * state of them.
 */
final readonly class WaterChart
{
    /** Crossings of a lattice. */
    private const CROSSINGS = 7_000;

    /** s that it is kept. */
    private const KEPT_S = 604_800;

    /** Counts up when this is worked out otherwise. */
    private const EDITION = 1;

    /** @param  list<Structure>  $structures */
    private function __construct(
        public int $soundings, public float $reachM, public Lattice $depths, public Lattice $known, public array $structures,
    ) {
    }

    /** Null while nothing is sounded. */
    public static function of(Water $water): ?self
    {
        $charted = self::kept("charted {$water->id}", self::state($water), static fn (): ?self => self::anew($water));

        return $charted instanceof self ? $charted : null;
    }

    /**
     * Hard bottom beside deep water.
     *
     * @param  list<Position>  $hard  where the bottom is known to be hard
     * @return list<Structure>
     */
    public function besideDeep(Water $water, array $hard): array
    {
        $places = array_map(static fn (Position $at): array => [$at->east, $at->north], $hard);
        $state = self::state($water).' '.json_encode($places);
        $found = self::kept("beside deep {$water->id}", $state, fn (): array => Structures::besideDeep(
            $hard, $this->depths, GroundReader::depthNear($water, $hard, $this->reachM),
        ));

        return array_values(array_filter((array) $found, static fn (mixed $one): bool => $one instanceof Structure));
    }

    /** Of a water that is gone nothing stays. */
    public static function forget(int $water): void
    {
        Cache::forget("charted {$water}");
        Cache::forget("beside deep {$water}");
    }

    /** What changes with every change of its soundings. */
    private static function state(Water $water): string
    {
        return implode(' ', [self::EDITION, $water->ground, $water->created_at?->getTimestamp()]);
    }

    /**
     * One place for each water, whatever state it is in: what it came to before is written over.
     *
     * @param  Closure(): mixed  $make
     */
    private static function kept(string $place, string $state, Closure $make): mixed
    {
        $found = Cache::get($place);
        $kept = is_array($found) && ($found[0] ?? null) === $state ? Coerce::text($found[1] ?? '') : '';
        if ($kept === '') {
            $kept = serialize($make());
            Cache::put($place, [$state, $kept], self::KEPT_S);
        }

        return unserialize(
            $kept, ['allowed_classes' => [self::class, Lattice::class, Structure::class, StructureKind::class, Position::class]],
        );
    }

    private static function anew(Water $water): ?self
    {
        $ground = GroundReader::of($water);
        $reach = $ground->usualReachM();
        $lattices = Lattice::over($ground, $reach, self::CROSSINGS);

        return $lattices === null ? null : new self(
            soundings: $ground->count(), reachM: $reach, depths: $lattices[0], known: $lattices[1],
            structures: Structures::of($ground, $lattices[0], $reach),
        );
    }
}
