<?php

declare(strict_types=1);

namespace App\Rows;

use App\Models\Measurement;
use App\Models\User;
use Eskith\Core\Balance\BalanceFit;
use Eskith\Core\Balance\HangReading;
use Eskith\Core\Tackle\Point;
use Eskith\Core\Units\Constants;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Enums\MeasurementKind;
use Illuminate\Support\Collection;

/** What an angler has measured, read once and asked for each lure. The angler's measurement wins over the estimate. */
final readonly class Calibrations
{
    /**
     * @param  Collection<int, Measurement>  $rows  newest first
     * @param  array<int, list<Measurement>>  $ofLure  those of one lure, by its id, newest first
     * @param  Measurement|null  $drift  the last of the drift
     * @param  list<UnusableRow>  $aside  kept measurements that cannot be used
     */
    private function __construct(
        private Collection $rows,
        private array $ofLure,
        private ?Measurement $drift,
        public array $aside,
    ) {
    }

    public static function of(User $user): self
    {
        $rows = $aside = $ofLure = [];
        $drift = null;
        foreach ($user->measurements()->latest('measured_at')->latest('id')->get() as $row) {
            $kind = $row->kind;
            if ($kind === null || ! $kind->holds($row->value, $row->lure_id)) {
                $aside[] = UnusableRow::measurement($row);

                continue;
            }
            $rows[] = $row;
            $drift ??= $kind === MeasurementKind::Drift ? $row : null;
            if ($row->lure_id !== null) {
                $ofLure[$row->lure_id][] = $row;
            }
        }

        return new self(new Collection($rows), $ofLure, $drift, $aside);
    }

    /** Whether anything of this lure was measured. */
    public function knows(int $lureId): bool
    {
        return isset($this->ofLure[$lureId]);
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

    public function measuredDrift(): ?Measurement
    {
        return $this->drift;
    }

    /** @return Collection<int, Measurement> newest first */
    public function all(): Collection
    {
        return $this->rows;
    }
}
