<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Record\BegunElsewhere;
use Illuminate\Support\Carbon;

/** An outing began, with nothing tied on yet. */
final class BeginTap extends AnglerRequest implements ActsOnDay
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['uuid' => ['required', 'uuid'], 'at' => self::moment()];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['at' => "The time at which this outing began can't be right."];
    }

    public function actOnDay(): void
    {
        BegunElsewhere::keep($this->angler(), $this->uuid(), ($this->date('at') ?? Carbon::now())->min(Carbon::now()));
    }
}
