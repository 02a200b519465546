<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Enums\BitePhase;
use App\Enums\EventKind;
use App\Enums\HookHeld;
use App\Enums\LostAt;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;

final class LogEvent extends AnglerRequest
{
    /** Shortest and longest fish that is believed, m. */
    private const FISH_M = [0.03, 2.0];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'uuid' => ['required', 'uuid'],
            'setup' => ['nullable', 'uuid'],
            'kind' => ['required', Rule::enum(EventKind::class)],
            'came' => ['nullable', Rule::enum(BitePhase::class)],
            'species' => ['nullable', 'string', 'max:40', 'required_if:kind,fish'],
            'length' => ['nullable', 'string', 'max:40'],
            'landed' => ['nullable', 'boolean'],
            'hook' => ['nullable', Rule::enum(HookHeld::class)],
            'bent' => ['nullable', 'boolean'],
            'lost_at' => ['nullable', Rule::enum(LostAt::class)],
            'kept' => ['nullable', 'boolean'],
            'at' => ['bail', 'nullable', 'string', 'max:40', 'date', 'before:+1 hour', 'after:-2 days'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['species.required_if' => 'Say which fish it was.', 'at' => 'The time of this entry cannot be right.'];
    }

    /**
     * @return array{uuid: string, kind: EventKind, came: BitePhase|null, species: string|null, length_m: float|null,
     *   length_text: string|null, landed: bool|null, hook: HookHeld|null, bent: bool|null, lost_at: LostAt|null, kept: bool|null,
     *   at: Carbon}
     *
     * @throws InvalidInput when the length cannot be that of a fish
     */
    public function what(): array
    {
        $length = $this->length();
        $fish = $this->enum('kind', EventKind::class) === EventKind::Fish;

        return [
            'uuid' => (string) $this->string('uuid'),
            'kind' => $this->enum('kind', EventKind::class) ?? EventKind::Drop,
            'came' => $this->enum('came', BitePhase::class),
            'species' => $fish ? mb_strtolower(trim($this->word('species'))) : null,
            'length_m' => $length?->si,
            'length_text' => $length?->text,
            'landed' => $fish ? $this->boolean('landed', true) : null,
            'hook' => $fish ? $this->enum('hook', HookHeld::class) : null,
            'bent' => $fish && $this->filled('bent') ? $this->boolean('bent') : null,
            'lost_at' => $fish ? $this->enum('lost_at', LostAt::class) : null,
            'kept' => $fish && $this->filled('kept') ? $this->boolean('kept') : null,
            'at' => $this->date('at') ?? Carbon::now(),
        ];
    }

    /** What it happened with; null for what is on the rod in hand. */
    public function setup(): ?string
    {
        return $this->filled('setup') ? $this->word('setup') : null;
    }

    private function length(): ?Measure
    {
        return self::lengthOf($this->word('length'), $this->angler()->likes()->units->fishLength);
    }

    /**
     * @return Measure|null null where nothing was typed
     *
     * @throws InvalidInput when no fish is so long
     */
    public static function lengthOf(string $typed, Unit $unit): ?Measure
    {
        if (trim($typed) === '') {
            return null;
        }
        $length = Measure::parse($typed, $unit, 'length');
        if ($length->si < self::FISH_M[0] || $length->si > self::FISH_M[1]) {
            throw InvalidInput::because(
                'length',
                "A fish measures between {$unit->print(self::FISH_M[0])} and {$unit->print(self::FISH_M[1])}; "
                    ."\"{$length->text}\" does not.",
            );
        }

        return $length;
    }
}
