<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Outing;
use App\Record\Pauses;
use Illuminate\Support\Carbon;

/** Fishing again after a pause. */
final class GoOnTap extends AnglerRequest implements ActsOnOuting
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['at' => self::moment()];
    }

    public function at(): Carbon
    {
        return $this->date('at') ?? Carbon::now();
    }

    public function act(Outing $outing): void
    {
        Pauses::of($this->angler())->end($outing, $this->at());
    }
}
