<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Mark;
use App\Models\Spot;
use App\Models\Water;
use App\Rows\Placing;
use Eskith\Core\Formats\TypedPlace;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Position;

/** A position in degrees that was typed, in place of one on the chart. */
trait TypedPosition
{
    /**
     * @return Position|null null where none was typed
     *
     * @throws InvalidInput when it is none, or its water has no position of its own, or lies elsewhere
     */
    private function typedPosition(): ?Position
    {
        if (! $this->filled('position')) {
            return null;
        }
        $water = $this->waterOfRoute();
        [$latitude, $longitude] = TypedPlace::parse($this->word('position'), 'position');
        $frame = Placing::frame($water) ?? throw InvalidInput::because(
            'position', '{water} has no position yet. Set one under Change this water first.', water: $water->name,
        );

        return $frame->reaches($latitude, $longitude)
            ? $frame->position($latitude, $longitude)
            : throw InvalidInput::because('position', 'That lies over 100 km from {water}. Look at it once more.', water: $water->name);
    }

    private function waterOfRoute(): Water
    {
        $bound = $this->route('water') ?? $this->route('mark') ?? $this->route('spot');

        return match (true) {
            $bound instanceof Water => $bound,
            $bound instanceof Mark, $bound instanceof Spot => $bound->water,
            default => abort(404),
        };
    }
}
