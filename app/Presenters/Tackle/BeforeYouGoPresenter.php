<?php

declare(strict_types=1);

namespace App\Presenters\Tackle;

use App\Data\Tackle\DueData;
use App\Models\Event;
use App\Models\Gear;
use App\Models\Line;
use App\Models\Lure;
use App\Models\User;
use App\Readings\TodaysReadings;
use App\Tackle\Box;
use App\Tackle\HookDates;
use Eskith\Core\Tackle\Finish;
use Eskith\Core\Tackle\Upkeep;
use Eskith\Core\Words\Words;
use Eskith\Telling\Enums\EventKind;
use Eskith\Telling\Enums\GearKind;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Support\Carbon;

/** What is due before the next outing, made from the record. */
final readonly class BeforeYouGoPresenter
{
    private const BUY = 'Buy';

    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /** @return list<DueData> */
    public function due(): array
    {
        return [...$this->hooks(), ...$this->lines(), ...$this->leaders(), ...$this->stock(), ...$this->finishes()];
    }

    /** @return list<DueData> */
    private function hooks(): array
    {
        $worn = [];
        foreach (Event::query()->standing()->join('setups', 'setups.id', '=', 'events.setup_id')->where('events.user_id', $this->user->id)
            ->whereIn('events.kind', EventKind::wearingHooks())->toBase()->get(['setups.lure_id', 'events.at']) as $event) {
            $worn[Coerce::whole($event->lure_id)][] = Coerce::text($event->at);
        }
        $due = [];
        foreach ($this->user->lures()->inBox()->whereIn('id', array_keys($worn))->get() as $lure) {
            $since = HookDates::since($lure->hooks);
            $count = count(
                array_filter($worn[$lure->id], static fn (string $at): bool => $since === null || $at > HookDates::until($since)),
            );
            $why = Upkeep::hooks($since === null ? null : (int) Carbon::parse($since)->diffInDays(Carbon::today()), $count);
            if ($why !== null) {
                $due[] = new DueData('Sharpen or change hooks', "lure.{$lure->id}", $this->name($lure), $why);
            }
        }

        return $due;
    }

    /** @return list<DueData> */
    private function lines(): array
    {
        return $this->dueOf($this->user->lines()->get()->all(), static function (Line $line): ?DueData {
            $why = Upkeep::line($line->kind, self::days($line->put_on));

            return $why === null ? null : new DueData('Turn or replace line', "line.{$line->id}", $line->name, $why);
        });
    }

    /** @return list<DueData> */
    private function leaders(): array
    {
        $leaders = $this->user->gear()->inBox()->where('kind', GearKind::Leader)->get();

        return $this->dueOf($leaders->all(), static function (Gear $gear): ?DueData {
            $why = Upkeep::leader(self::days($gear->put_on));

            return $why === null ? null : new DueData('Check for nicks and retie', "gear.{$gear->id}", $gear->name, $why);
        });
    }

    /** @return list<DueData> */
    private function stock(): array
    {
        return $this->dueOf(Box::of($this->user)->find(['show' => 'buy'])->limit(20)->get()->all(), fn (Lure $lure): DueData => new DueData(
            self::BUY, null, $this->name($lure), $lure->lost >= $lure->quantity ? 'none left' : 'marked to buy again',
        ));
    }

    /** @return list<DueData> finishes that the food asks for and the box lacks */
    private function finishes(): array
    {
        $food = array_filter(explode(',', (string) TodaysReadings::of($this->user)->text('food')));
        $have = $this->user->lures()->inBox()->distinct()->pluck('finish')->all();
        $due = [];
        foreach ($food as $one) {
            $finish = Upkeep::finishFor($one);
            if ($finish !== null && ! in_array($finish->value, $have, true)) {
                $due[] = new DueData(
                    self::BUY, null, ucfirst(Finish::word($finish->value)), Words::of(
                        'none in the box; they eat {it}', it: str_replace('_', ' ', $one),
                    ),
                );
            }
        }

        return $due;
    }

    /**
     * @template T
     *
     * @param  array<array-key, T>  $items
     * @param  callable(T): ?DueData  $say
     * @return list<DueData>
     */
    private function dueOf(array $items, callable $say): array
    {
        return array_values(array_filter(array_map($say, $items)));
    }

    /** As lures are named everywhere; one that cannot be read by what stands in its row. */
    private function name(Lure $lure): string
    {
        return $lure->isSound() ? (new LurePresenter($this->user))->title($lure) : $lure->kept()->unusable()->text;
    }

    private static function days(?Carbon $since): ?int
    {
        return $since === null ? null : (int) $since->diffInDays(Carbon::today());
    }
}
