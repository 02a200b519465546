<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Readings\ReadingKeeper;
use Illuminate\Support\Carbon;

/** A reading was typed, or taken away. */
final class ReadTap extends AnglerRequest implements ActsOnDay
{
    /** s by which the clock of a device that was put right may still be ahead. */
    private const AHEAD_S = 5;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:40'], 'text' => ['nullable', 'string', 'max:120'], 'at' => self::moment(),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['text' => 'A reading is a short text, such as 26 ft.', 'at' => "The time of this reading can't be right."];
    }

    public function actOnDay(): void
    {
        $name = $this->word('name');
        $at = $this->date('at') ?? Carbon::now();
        // One that lies ahead is of a clock that is wrong; it counts as now.
        $at = $at->greaterThan(Carbon::now()->addSeconds(self::AHEAD_S)) ? Carbon::now() : $at;
        $text = $this->input('text') === null ? null : $this->word('text');
        ReadingKeeper::of($this->angler())->keepLate($name, $text, $at);
    }
}
