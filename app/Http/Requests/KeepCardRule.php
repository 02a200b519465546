<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Eskith\Core\Care\OwnLimits;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;

/** What the angler writes down of one fish on one water. */
final class KeepCardRule extends AnglerRequest
{
    private const LENGTHS = ['shortest', 'longest', 'slot_from', 'slot_to'];

    /** Longest fish that a card speaks of, m. */
    private const LONGEST_M = 3.0;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'species' => ['required', 'string', 'max:40'],
            ...array_fill_keys(self::LENGTHS, ['nullable', 'string', 'max:40']),
            'bag' => ['nullable', 'integer', 'min:0', 'max:500'],
            'closed_from' => ['nullable', 'string', 'max:5'], 'closed_to' => ['nullable', 'string', 'max:5'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['species' => 'Say which fish it is, in at most 40 letters.', 'bag' => 'A bag holds 0 to 500 fish a day.'];
    }

    public function species(): string
    {
        return mb_strtolower(str_replace('_', ' ', trim($this->word('species'))));
    }

    /**
     * @return array<string, mixed> as columns
     *
     * @throws InvalidInput when they contradict each other, or nothing is said
     */
    public function columns(): array
    {
        $columns = [];
        foreach (self::LENGTHS as $name) {
            $measure = trim($this->word($name)) === ''
                ? null
                : Measure::parse($this->word($name), $this->angler()->settings()->units->fishLength, $name);
            if ($measure !== null && ! ($measure->si > 0.0 && $measure->si <= self::LONGEST_M)) {
                throw InvalidInput::because($name, 'No fish is "{measure}" long. Write 15 in, or 38 cm.', measure: $measure->text);
            }
            $columns = [...$columns, "{$name}_m" => $measure?->si, "{$name}_text" => $measure?->text];
        }
        $columns = [
            ...$columns, 'bag' => $this->filled('bag') ? $this->integer('bag') : null,
            'closed_from' => $this->filled('closed_from') ? $this->word('closed_from') : null,
            'closed_to' => $this->filled('closed_to') ? $this->word('closed_to') : null,
        ];
        OwnLimits::of(
            shortestM: $columns['shortest_m'], longestM: $columns['longest_m'], slotFromM: $columns['slot_from_m'],
            slotToM: $columns['slot_to_m'], bag: $columns['bag'], closedFrom: $columns['closed_from'], closedTo: $columns['closed_to'],
        );

        return $columns;
    }
}
