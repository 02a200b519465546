<?php

declare(strict_types=1);

namespace App\Presenters\Tackle;

use App\Data\Tackle\LureData;
use App\Models\Lure;
use App\Models\User;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Tackle\Accent;
use Eskith\Core\Words\Words;
use Eskith\Telling\Lure\Drawing;

/** A lure of the box as its list shows it. */
final readonly class LurePresenter
{
    private LureNames $names;

    public function __construct(User $user)
    {
        $this->names = new LureNames(new UnitFormat($user->settings()->units));
    }

    /** "½ oz blade, white". */
    public function title(Lure $row): string
    {
        return $this->names->title($row->kept()->lure());
    }

    public function one(Lure $row): LureData
    {
        $kept = $row->kept();
        $lure = $kept->lure();
        $holes = count($lure->holes);

        return new LureData(
            id: $row->id,
            uuid: $row->uuid,
            title: $this->names->title($lure),
            details: implode(' · ', array_filter([
                $holes === 0 ? 'no holes' : $holes.($holes === 1 ? ' hole' : ' holes'),
                $holes === 0 ? '' : ($row->balance_x === null ? 'balance not measured' : ''),
                $lure->accents === [] ? '' : Words::of('with {accents}', accents: Accent::words($lure->accents)),
                self::shaped($row),
                $kept->isUsual() ? 'a usual one' : '',
                $row->notes,
            ])),
            drawing: Drawing::of($kept, $lure),
            family: $lure->family,
            weight: $row->mass_text,
            finish: $row->finish,
            red: $row->red_near_hooks,
            quantity: $row->quantity,
            lost: $row->lost,
            buyAgain: $row->buy_again,
            retired: $row->retired_at !== null,
            notes: $row->notes,
            version: $row->version,
            usual: $kept->isUsual(),
        );
    }

    /** How its body was changed. */
    private static function shaped(Lure $row): string
    {
        $told = [
            'bent' => 'bent, so it flutters more', 'drilled' => 'drilled at the tail', 'stinger' => 'stinger at the head',
            'assist' => 'assist hooks', 'weedless' => 'weedless hooks',
        ];

        return implode(
            ' · ',
            array_intersect_key($told, array_filter($row->build ?? [], static fn (mixed $value): bool => $value === true)),
        );
    }
}
