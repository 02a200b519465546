<?php

declare(strict_types=1);

namespace App\Presenters\Fish;

use App\Models\Event;
use App\Models\Outing;
use App\Models\User;
use App\Rows\CardReader;
use Eskith\Core\Care\FishCare;
use Eskith\Core\Care\OwnLimits;
use Eskith\Core\Care\Species;
use Eskith\Core\Words\Words;
use Eskith\Telling\Data\Fish\FishChoiceData;
use Illuminate\Support\Carbon;

/** The fish that can be logged, with what to mind and what the angler's own card says, counted through the day. */
final readonly class CardPresenter
{
    /** @param  array<string, OwnLimits>  $limits  by fish */
    private function __construct(private User $angler, private Outing $outing, private array $limits)
    {
    }

    public static function of(User $angler, Outing $outing): self
    {
        $waterId = $outing->spotAt()?->water_id;
        $limits = [];
        foreach ($waterId === null ? [] : $angler->cardRules()->where('water_id', $waterId)->orderBy('species')->get() as $rule) {
            $limits[mb_strtolower($rule->species)] = CardReader::limits($rule);
        }

        return new self($angler, $outing, array_filter($limits));
    }

    /** @return list<FishChoiceData> */
    public function choices(?float $depthM, string $protected): array
    {
        $names = array_map(static fn (Species $species): string => $species->value, Species::cases());
        $more = array_filter(
            array_keys($this->limits), static fn (string $fish): bool => ! in_array(str_replace(' ', '_', $fish), $names, true),
        );
        $units = $this->angler->settings()->units;

        return array_map(fn (string $fish): FishChoiceData => new FishChoiceData(
            $fish, str_replace('_', ' ', $fish), FishCare::line($fish, $depthM, $protected, $units), $this->says($fish),
        ), [...$names, ...array_values($more)]);
    }

    /** Why a fish that was logged goes back, by the card; '' when it does not. */
    public function judged(Event $event): string
    {
        $limits = $this->limits[self::plain((string) $event->species)] ?? null;
        $before = $limits === null ? 0 : $this->kept((string) $event->species) - ($event->kept === true ? 1 : 0);
        $back = $limits?->goesBack($event->length_m, $event->at->format('m-d'), $before);

        return $back === null ? '' : Words::of('goes back by your card: {back}', back: $back);
    }

    private function says(string $fish): string
    {
        $limits = $this->limits[self::plain($fish)] ?? null;
        if ($limits === null) {
            return '';
        }
        $kept = $this->kept($fish);

        return Words::sentences(
            Words::of(
                $limits->bag === null ? 'Your card: {limits}.' : 'Your card: {limits}; {kept} kept today.',
                limits: $limits->words($this->angler->settings()->units->fishLength), kept: $kept,
            ),
            $limits->isClosed(Carbon::now()->format('m-d')) ? 'Closed today.' : '',
        );
    }

    /** Of a kind, today. */
    private function kept(string $fish): int
    {
        return Event::query()->standing()->where('outing_id', $this->outing->id)->where('kept', true)
            ->whereIn('species', [self::plain($fish), str_replace(' ', '_', self::plain($fish))])->count();
    }

    private static function plain(string $fish): string
    {
        return mb_strtolower(str_replace('_', ' ', $fish));
    }
}
