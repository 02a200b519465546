<?php

declare(strict_types=1);

namespace App\Tackle;

use App\Database\Caps;
use App\Models\Lure;
use App\Models\User;
use Eskith\Core\Tackle\Mass;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;

/** An angler's lures: found, added and changed. Every change gives back what was there before, for undo. */
final readonly class Box
{
    /** Lures shown at a time. */
    public const PAGE = 30;

    /** Letters of a search that are looked for. */
    private const ASKED = 120;

    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /**
     * @param  array{q?: string, family?: string, show?: string}  $filter
     * @return HasMany<Lure, User>
     */
    public function find(array $filter): HasMany
    {
        $query = $this->user->lures();
        foreach (array_slice(
            preg_split('/[\s,]+/u', mb_strtolower(mb_substr(trim($filter['q'] ?? ''), 0, self::ASKED)), -1, PREG_SPLIT_NO_EMPTY) ?: [],
            0, 8,
        ) as $word) {
            $query->where('search', 'like', '%'.addcslashes($word, '%_\\').'%');
        }
        if (($filter['family'] ?? '') === 'vibe') {
            $query->where('family', 'blade')->where('mass_kg', '<=', Mass::VIBE_KG + 1e-6);
        } elseif (($filter['family'] ?? '') !== '') {
            $query->where('family', $filter['family']);
        }
        match ($filter['show'] ?? '') {
            'retired' => $query->whereNotNull('retired_at'),
            'buy' => $query->where(static fn (Builder $any) => $any->where('buy_again', true)->orWhereColumn('lost', '>=', 'quantity')),
            default => $query->inBox(),
        };

        return $query->inOrder();
    }

    /**
     * Adds a lure once: the same uuid again gives back the one that is there.
     *
     * @param  array<array-key, mixed>  $set
     *
     * @throws InvalidInput when it cannot be a lure, or the box is full
     */
    public function add(string $uuid, array $set): Lure
    {
        $columns = LureForm::columns($set, $this->user->settings()->units->lureWeight);

        return DB::transaction(function () use ($uuid, $columns): Lure {
            $known = $this->user->lures()->where('uuid', $uuid)->first();
            if ($known === null && $this->room() < 1) {
                throw InvalidInput::because(
                    'uuid', 'A box holds at most {most} lures; this one is full.', most: number_format(Caps::of('lures')),
                );
            }

            return $known ?? $this->user->lures()->create(
                [...$columns, 'uuid' => $uuid, 'position' => Coerce::whole($this->user->lures()->max('position')) + 1],
            )->refresh();
        });
    }

    /** How many more lures fit. */
    public function room(): int
    {
        return Caps::of('lures') - $this->user->lures()->count();
    }

    /**
     * Changes lures, all or none.
     *
     * @param  list<LureChange>  $each
     * @return list<array{id: int, set: array<array-key, mixed>, version: int, saw: array<array-key, mixed>}> the changes that undo these
     *
     * @throws InvalidInput when one cannot be changed so, or is not in this box
     * @throws LureConflict when somebody else has changed the same meanwhile
     */
    public function change(array $each): array
    {
        if (count($each) > Caps::of('lures')) {
            throw InvalidInput::because('each', 'At most {most} lures are changed at once.', most: number_format(Caps::of('lures')));
        }

        return DB::transaction(function () use ($each): array {
            $rows = $this->user->lures()->whereIn('id', array_map(static fn (LureChange $one): int => $one->id, $each))->get()->keyBy('id');
            $unit = $this->user->settings()->units->lureWeight;
            $before = [];
            foreach ($each as $change) {
                $row = $rows->get($change->id) ?? throw InvalidInput::because('each', 'One of these lures is not in your box.');
                $change->demandStillSo($row);
                $undo = $change->undoing(LureForm::fields($row));
                $row->update(LureForm::columns($change->set, $unit, $row));
                $before[] = [
                    'id' => $row->id, 'set' => $undo, 'version' => $row->version,
                    'saw' => $change->undoing(LureForm::fields($row)),
                ];
            }

            return $before;
        });
    }
}
