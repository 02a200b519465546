<?php

declare(strict_types=1);

namespace App\Presenters\Tackle;

use App\Data\Tackle\GearData;
use App\Data\Tackle\HistoryData;
use App\Data\Tackle\NotesData;
use App\Models\Gear;
use App\Models\History;
use App\Models\Line;
use App\Models\User;
use App\Models\Water;
use Eskith\Telling\Enums\GearKind;

/** Lines and gear, what was done to them, and what is noted of the waters they are used on. */
final readonly class GearPresenter
{
    /** Entries of the history told. */
    private const TOLD = 12;

    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /** @return array{gear: list<GearData>, history: list<HistoryData>, waters: list<NotesData>, kinds: list<string>} */
    public function all(): array
    {
        $history = $this->user->history()->latest('at')->latest('id')->limit(self::TOLD)->get();
        $waters = $this->user->waters()->with('cardRules')->orderBy('id')->get();

        return [
            'gear' => $this->gear(),
            'history' => array_values(
                $history->map(static fn (History $row): HistoryData => new HistoryData($row->what, $row->at->toIso8601String()))->all(),
            ),
            'waters' => array_values(
                $waters->map(fn (Water $water): NotesData => NotesPresenter::of($this->user, $water))->all(),
            ),
            'kinds' => ['main line', ...array_column(GearKind::cases(), 'value')],
        ];
    }

    /** @return list<GearData> */
    private function gear(): array
    {
        $lines = $this->user->lines()->get()->map(static fn (Line $line): GearData => new GearData(
            id: null, kind: 'main line', name: $line->name,
            details: "{$line->diameter_text} · {$line->break_text}".($line->in_use ? ' · on the reel' : ''),
            quantity: 1, putOn: $line->put_on?->toDateString(),
        ));
        $others = $this->user->gear()->inBox()->orderBy('kind')->orderBy('id')->get()->map(static fn (Gear $gear): GearData => new GearData(
            id: $gear->id, kind: $gear->kind->value ?? '', name: $gear->name, details: $gear->details,
            quantity: $gear->quantity, putOn: $gear->put_on?->toDateString(),
        ));

        return [...$lines->all(), ...$others->all()];
    }
}
