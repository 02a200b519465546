<?php

declare(strict_types=1);

namespace App\Tackle;

use App\Models\Lure;
use App\Models\User;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;

/** An angler's lures: found, added and changed. Every change gives back what was there before, for undo. */
final readonly class Box
{
    /** Lures shown at a time. */
    public const PAGE = 30;

    /** Most lures changed at once. */
    private const MOST = 2000;

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
        foreach (array_slice(preg_split('/[\s,]+/u', mb_strtolower(trim($filter['q'] ?? '')), -1, PREG_SPLIT_NO_EMPTY) ?: [], 0, 8) as $word) {
            $query->where('search', 'like', '%'.addcslashes($word, '%_\\').'%');
        }
        if (($filter['family'] ?? '') === 'vibe') {
            $query->where('family', 'blade')->where('mass_kg', '<=', 0.007001);
        } elseif (($filter['family'] ?? '') !== '') {
            $query->where('family', $filter['family']);
        }
        match ($filter['show'] ?? '') {
            'retired' => $query->whereNotNull('retired_at'),
            'buy' => $query->where(static fn (Builder $any) => $any->where('buy_again', true)->orWhereColumn('lost', '>=', 'quantity')),
            default => $query->whereNull('retired_at'),
        };

        return $query->orderBy('position')->orderBy('id');
    }

    /**
     * Adds a lure once: the same uuid again gives back the one that is there.
     *
     * @param  array<array-key, mixed>  $set
     *
     * @throws InvalidInput
     */
    public function add(string $uuid, array $set): Lure
    {
        return $this->user->lures()->where('uuid', $uuid)->first() ?? $this->user->lures()->create([
            ...LureForm::columns($set, $this->user->likes()->units->lureWeight),
            'uuid' => $uuid, 'position' => (int) $this->user->lures()->max('position') + 1,
        ])->refresh();
    }

    /**
     * Changes lures, all or none.
     *
     * @param  list<array{id: int, set: array<array-key, mixed>}>  $each
     * @return list<array{id: int, set: array<string, mixed>}> what was there before, in the same shape
     *
     * @throws InvalidInput when one cannot be changed so, or is not in this box
     */
    public function change(array $each): array
    {
        if (count($each) > self::MOST) {
            throw InvalidInput::because('each', 'At most '.self::MOST.' lures are changed at once.');
        }

        return DB::transaction(function () use ($each): array {
            $rows = $this->user->lures()->whereIn('id', array_column($each, 'id'))->get()->keyBy('id');
            $unit = $this->user->likes()->units->lureWeight;
            $before = [];
            foreach ($each as ['id' => $id, 'set' => $set]) {
                $row = $rows->get($id) ?? throw InvalidInput::because('each', 'One of these lures is not in your box.');
                $before[] = ['id' => $id, 'set' => array_intersect_key(LureForm::fields($row), $set)];
                $row->update(LureForm::columns($set, $unit, $row));
            }

            return $before;
        });
    }
}
