<?php

declare(strict_types=1);

namespace App\Places;

use App\Models\Water;
use App\Rows\Coerce;
use App\Rows\GroundReader;
use Eskith\Core\Water\Position;
use Eskith\Core\Water\Relief\Lattice;
use Eskith\Core\Water\Relief\Structure;
use Eskith\Core\Water\Relief\StructureKind;
use Eskith\Core\Water\Relief\Structures;
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
        // One place for each water, whatever state it is in: what it came to before is written over.
        $state = implode(' ', [self::EDITION, $water->ground, $water->created_at?->getTimestamp()]);
        $found = Cache::get(self::place($water->id));
        $kept = is_array($found) && ($found[0] ?? null) === $state ? Coerce::text($found[1] ?? '') : '';
        if ($kept === '') {
            $kept = serialize(self::anew($water));
            Cache::put(self::place($water->id), [$state, $kept], self::KEPT_S);
        }
        $charted = unserialize(
            $kept,
            ['allowed_classes' => [self::class, Lattice::class, Structure::class, StructureKind::class, Position::class]],
        );

        return $charted instanceof self ? $charted : null;
    }

    /** Of a water that is gone nothing stays. */
    public static function forget(int $water): void
    {
        Cache::forget(self::place($water));
    }

    private static function place(int $water): string
    {
        return "charted {$water}";
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
