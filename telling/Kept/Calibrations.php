<?php

declare(strict_types=1);

namespace Eskith\Telling\Kept;

use Eskith\Core\Balance\BalanceFit;
use Eskith\Core\Balance\HangReading;
use Eskith\Core\Tackle\Point;
use Eskith\Core\Units\Constants;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Enums\MeasurementKind;

/** What an angler has measured, read once and asked for each lure. The angler's measurement wins over the estimate. */
final readonly class Calibrations
{
    /**
     * @param  list<Measured>  $rows  newest first
     * @param  array<int, list<Measured>>  $ofLure  those of one lure, by its id, newest first
     * @param  Measured|null  $drift  the last of the drift
     * @param  list<UnusableRow>  $aside  kept measurements that cannot be used
     */
    private function __construct(
        public array $rows,
        private array $ofLure,
        private ?Measured $drift,
        public array $aside,
    ) {
    }

    /** @param  list<Measured>  $kept  newest first */
    public static function of(array $kept): self
    {
        $rows = $aside = $ofLure = [];
        $drift = null;
        foreach ($kept as $row) {
            if (! $row->holds()) {
                $aside[] = UnusableRow::measurement($row);

                continue;
            }
            $rows[] = $row;
            $drift ??= $row->kind === MeasurementKind::Drift ? $row : null;
            if ($row->lure !== null) {
                $ofLure[$row->lure][] = $row;
            }
        }

        return new self($rows, $ofLure, $drift, $aside);
    }

    /** Whether anything of this lure was measured. */
    public function knows(int $lureId): bool
    {
        return isset($this->ofLure[$lureId]);
    }

    /** @return list<Measured> the angles at which a lure hung, newest first */
    public function hangs(int $lureId): array
    {
        return array_values(array_filter(
            $this->ofLure[$lureId] ?? [], static fn (Measured $row): bool => $row->kind === MeasurementKind::Hang,
        ));
    }

    /** @return array<string, float> falling drag by hole name, '' without holes: the mean of all timed drops */
    public function drag(int $lureId): array
    {
        $found = [];
        foreach ($this->ofLure[$lureId] ?? [] as $row) {
            if ($row->kind === MeasurementKind::Drop) {
                $found[$row->hole ?? ''][] = $row->value;
            }
        }

        return array_map(static fn (array $values): float => array_sum($values) / count($values), $found);
    }

    /**
     * The balance point that the hang readings of a lure give; null when they are too few or hang too much alike.
     *
     * @param  list<array{name: string, x: float|int, y: float|int}>  $holes
     */
    public function balance(int $lureId, array $holes): ?BalanceFit
    {
        if (! $this->knows($lureId)) {
            return null;
        }
        try {
            return $this->fit($lureId, $holes);
        } catch (InvalidInput) {
            return null;
        }
    }

    /**
     * @param  list<array{name: string, x: float|int, y: float|int}>  $holes
     *
     * @throws InvalidInput when there are too few readings or they hang too much alike
     */
    public function fit(int $lureId, array $holes): BalanceFit
    {
        $at = array_column($holes, null, 'name');
        $readings = [];
        foreach ($this->ofLure[$lureId] ?? [] as $row) {
            $hole = $at[$row->hole ?? ''] ?? null;
            if ($row->kind === MeasurementKind::Hang && $hole !== null) {
                $readings[] = HangReading::of(Point::of((float) $hole['x'], (float) $hole['y']), $row->value);
            }
        }

        return BalanceFit::from($readings);
    }

    /** A measured start over the reckoned one, as last measured; null where none was. */
    public function start(int $lureId, ?string $hole): ?float
    {
        foreach ($this->ofLure[$lureId] ?? [] as $row) {
            if ($row->kind === MeasurementKind::Start && $row->hole === $hole) {
                return $row->value;
            }
        }

        return null;
    }

    /** Drift over wind: as last measured, else the estimate. */
    public function driftPerWind(): float
    {
        return $this->drift->value ?? Constants::DRIFT_PER_WIND;
    }

    public function measuredDrift(): ?Measured
    {
        return $this->drift;
    }
}
