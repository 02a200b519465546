<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Measuring\Measurements;
use Illuminate\Support\Carbon;

/** Something was measured, in the water as it was read there. */
final class MeasureTap extends Measured implements ActsOnDay
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...parent::rules(), 'at' => self::moment(), 'readings' => ['nullable', 'array', 'max:100']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['at' => "The time of this measurement can't be right."];
    }

    public function actOnDay(): void
    {
        $readings = $this->input('readings');
        Measurements::of($this->angler())->keep(
            $this->uuid(), $this->typed(), ($this->date('at') ?? Carbon::now())->min(Carbon::now()), is_array($readings) ? $readings : [],
        );
    }
}
