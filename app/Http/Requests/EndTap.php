<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Outing;
use App\Record\Logbook;
use Illuminate\Support\Carbon;

/** The outing is over. */
final class EndTap extends AnglerRequest implements ActsOnOuting
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
        Logbook::of($this->angler())->endAt($outing, $this->at());
    }
}
