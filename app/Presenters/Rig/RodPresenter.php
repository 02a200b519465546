<?php

declare(strict_types=1);

namespace App\Presenters\Rig;

use App\Data\Tackle\HistoryData;
use App\Models\History;
use App\Models\Rod;
use App\Models\User;
use Eskith\Core\Rig\Connector;
use Eskith\Core\Rig\Material;
use Eskith\Core\Units\Unit;
use Eskith\Telling\Data\OptionData;
use Eskith\Telling\Data\Rig\RodData;
use Illuminate\Support\Str;

/** The rod in hand as it is entered, and those left ashore. */
final readonly class RodPresenter
{
    /** Tyings of a leader that are told. */
    private const TYINGS = 4;

    private ?Rod $rod;

    private function __construct(private User $user)
    {
        $this->rod = $user->rodInHand();
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    public function rod(): RodData
    {
        $metric = $this->user->settings()->units->depth === Unit::Metre;

        return new RodData(
            uuid: $this->rod->uuid ?? (string) Str::uuid(),
            name: $this->rod->name ?? 'My rod',
            length: $this->rod->length_text ?? ($metric ? '2.1 m' : '7 ft'),
            lifts: $this->rod->lifts_text ?? ($metric ? '1 kg' : '2.2 lb'),
            line: $this->user->lines()->onTheReel()->first()?->id,
            leader: $this->rod === null ? Material::Fluorocarbon->value : $this->rod->leader->value ?? '',
            leaderStrength: $this->rod->leader_n_text ?? '8 lb',
            leaderLength: $this->rod->leader_m_text ?? ($metric ? '1.5 m' : '5 ft'),
            connector: $this->rod->connector->value ?? Connector::Snap->value,
        );
    }

    /** @return list<OptionData> rods left ashore, by uuid */
    public function ashore(): array
    {
        return array_values($this->user->rods()->whereNotNull('ashore_at')->orderBy('id')->get()
            ->map(static fn (Rod $rod): OptionData => new OptionData($rod->uuid, $rod->called()))->all());
    }

    /** @return list<HistoryData> how the leader of this rod was tied, newest first */
    public function tyings(): array
    {
        return $this->rod === null ? [] : array_values(
            $this->user->history()->where('rod_id', $this->rod->id)->latest('at')->latest('id')->limit(self::TYINGS)->get()
                ->map(static fn (History $row): HistoryData => new HistoryData($row->what, $row->at->toIso8601String()))->all(),
        );
    }

    /** @return list<OptionData> none, or what a leader is made of */
    public static function materials(): array
    {
        return [
            new OptionData('', 'no leader'),
            ...array_map(
                static fn (Material $material): OptionData => new OptionData($material->value, $material->word()), Material::cases(),
            ),
        ];
    }

    /** @return list<OptionData> */
    public static function connectors(): array
    {
        return array_map(
            static fn (Connector $connector): OptionData => new OptionData($connector->value, $connector->word()), Connector::cases(),
        );
    }
}
