<?php

declare(strict_types=1);

namespace App\Places;

use App\Models\Edge;
use App\Models\User;
use App\Models\Water;
use App\Plans\PlanBook;
use App\Rows\Placing;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Unit;
use Eskith\Core\Water\Position;
use Eskith\Telling\Enums\PlanKind;
use Illuminate\Support\Facades\DB;

/** Lines on the chart of a water, and casts laid out along them. */
final readonly class Edges
{
    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /**
     * The same twice changes nothing.
     *
     * @param  array<string, mixed>  $columns
     *
     * @throws InvalidInput when the water is full of them
     */
    public function keep(Water $water, string $uuid, array $columns): void
    {
        DB::transaction(function () use ($water, $uuid, $columns): void {
            if ($this->user->edges()->where('uuid', $uuid)->exists()) {
                return;
            }
            $water->edges()->create(['user_id' => $this->user->id, 'uuid' => $uuid, ...$columns]);
        });
    }

    public function remove(Edge $edge): void
    {
        $edge->delete();
    }

    /**
     * Lays out casts along it, with what is usual for such a plan; the same id again changes nothing.
     *
     * @throws InvalidInput when the line has no length, or too many plans stand
     */
    public function plan(Edge $edge, string $uuid): void
    {
        $line = Placing::line($edge->points);
        if (count($line) < 2) {
            throw InvalidInput::because('line', 'That line has no length. Draw it again.');
        }
        $unit = $this->user->settings()->units->depth;
        $say = static fn (float $metres): string => (string) round($unit->fromSi($metres), 1);
        $fields = array_map(
            static fn (array $field): string => $field[$unit === Unit::Metre ? 1 : 2], PlanKind::Wall->fields(),
        );
        // From its own beginning, so that the figures stay small.
        $fields['line'] = implode(' ', array_map(
            static fn (Position $at): string => $say($at->east - $line[0]->east).','.$say($at->north - $line[0]->north), $line,
        ));
        PlanBook::of($this->user)->keep(
            $uuid, PlanKind::Wall, mb_substr($edge->name ?: ucfirst($edge->kind?->word() ?? 'line'), 0, 80), $fields
        );
    }
}
