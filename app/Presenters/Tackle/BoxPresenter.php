<?php

declare(strict_types=1);

namespace App\Presenters\Tackle;

use App\Data\Tackle\BoxData;
use App\Data\Tackle\LureData;
use App\Data\Tackle\ProposalData;
use App\Database\Caps;
use App\Models\Lure;
use App\Models\User;
use App\Tackle\Box;
use App\Tackle\LureChange;
use Eskith\Core\Tackle\Finish;
use Eskith\Core\Tackle\QuickEntry;
use Eskith\Core\Words\Words;
use Illuminate\Support\Str;

/** The box as it is looked through, and what a few words typed into it mean. */
final readonly class BoxPresenter
{
    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /** @param  array<array-key, mixed>  $asked  q, family, show and how many are shown, as in the address */
    public function found(array $asked): BoxData
    {
        $text = static fn (string $name): string => is_string($asked[$name] ?? null) ? $asked[$name] : '';
        $query = Box::of($this->user)->find(['q' => $text('q'), 'family' => $text('family'), 'show' => $text('show')]);
        $shown = min(Caps::of('lures'), max(Box::PAGE, (int) $text('shown')));
        $total = $query->count();
        $lures = $query->limit($shown)->get()->filter(static fn (Lure $row): bool => $row->isSound())
            ->map((new LurePresenter($this->user))->one(...));

        return new BoxData(array_values($lures->all()), $total, $this->user->lures()->inBox()->count(), $total > $shown);
    }

    /**
     * Lures as they are after a change.
     *
     * @param  list<LureChange>  $changes
     * @return list<LureData>
     */
    public function changed(array $changes): array
    {
        $ids = array_map(static fn (LureChange $one): int => $one->id, $changes);
        $lures = $this->user->lures()->whereIn('id', $ids)->limit(Box::PAGE)->get()
            ->filter(static fn (Lure $row): bool => $row->isSound())->map(
                (new LurePresenter($this->user))->one(...),
            );

        return array_values($lures->all());
    }

    public static function proposal(QuickEntry $entry): ProposalData
    {
        $kind = $entry->family->isVibeAt($entry->weight->si) ? 'vibe' : $entry->family->word();
        $words = implode(', ', array_filter([
            "{$entry->weight->text} {$kind}",
            Finish::word($entry->finish),
            $entry->holes === 0 ? 'no holes' : $entry->holes.' '.Str::plural('hole', $entry->holes),
            $entry->redNearHooks ? 'red near the hooks' : '',
            $entry->quantity > 1 ? Words::of('{quantity} of them', quantity: $entry->quantity) : '',
        ]));

        return new ProposalData(
            family: $entry->family, weight: $entry->weight->text, finish: $entry->finish, holes: $entry->holes, red: $entry->redNearHooks,
            quantity: $entry->quantity, words: $words,
        );
    }
}
