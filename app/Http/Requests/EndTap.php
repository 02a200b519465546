<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Support\Carbon;

/** The outing is over. */
final class EndTap extends AnglerRequest
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
}
