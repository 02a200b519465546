<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Eskith\Core\Care\HeldIn;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;
use Eskith\Telling\Enums\BitePhase;
use Eskith\Telling\Enums\Flew;
use Eskith\Telling\Enums\HookHeld;
use Eskith\Telling\Enums\LostAt;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;

class AmendEvent extends AnglerRequest
{
    /** m: deeper nobody fishes. */
    private const DEEPEST_M = 150.0;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'came' => ['sometimes', 'nullable', Rule::enum(BitePhase::class)],
            'count' => ['sometimes', 'nullable', 'string', 'max:20'],
            'depth' => ['sometimes', 'nullable', 'string', 'max:40'],
            'species' => ['sometimes', 'required', 'string', 'max:40'],
            'length' => ['sometimes', 'nullable', 'string', 'max:40'],
            'landed' => ['sometimes', 'boolean'],
            'hook' => ['sometimes', 'nullable', Rule::enum(HookHeld::class)],
            'held' => ['sometimes', 'nullable', Rule::enum(HeldIn::class)],
            'flew' => ['sometimes', 'nullable', Rule::enum(Flew::class)],
            'bent' => ['sometimes', 'boolean'],
            'lost_at' => ['sometimes', 'nullable', Rule::enum(LostAt::class)],
            'kept' => ['sometimes', 'boolean'],
            'lure_lost' => ['sometimes', 'boolean'],
            'at' => ['sometimes', 'required', ...self::moment()],
            'said' => self::moment(),
            ...array_map(static fn (array $rules): array => ['sometimes', ...$rules], LogTap::aside()),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'species' => 'Say which fish it was, in at most 40 letters; unknown will do.', 'at' => "That time can't be right.",
            ...LogTap::asideMessages(),
        ];
    }

    /**
     * @return array<string, mixed> as columns, only what was given
     *
     * @throws InvalidInput
     */
    public function columns(): array
    {
        $columns = [];
        foreach (['came', 'hook', 'held', 'flew', 'lost_at'] as $name) {
            if ($this->has($name)) {
                $columns[$name] = $this->filled($name) ? $this->word($name) : null;
            }
        }
        foreach (['landed', 'bent', 'kept', 'lure_lost'] as $name) {
            if ($this->has($name)) {
                $columns[$name] = $this->boolean($name);
            }
        }
        if ($this->has('species')) {
            $columns['species'] = mb_strtolower(trim($this->word('species')));
        }
        if ($this->has('length')) {
            $length = LogTap::lengthOf($this->word('length'), $this->angler()->settings()->units->fishLength);
            $columns = [...$columns, 'length_m' => $length?->si, 'length_text' => $length?->text];
        }
        if ($this->has('girth')) {
            $girth = LogTap::girthOf($this->word('girth'), $this->angler()->settings()->units->fishLength);
            $columns = [...$columns, 'girth_m' => $girth?->si, 'girth_text' => $girth?->text];
        }
        if ($this->has('scale')) {
            $scale = LogTap::weighed($this->word('scale'), $this->angler()->settings()->units->fishWeight);
            $columns = [...$columns, 'scale_kg' => $scale?->si, 'scale_text' => $scale?->text];
        }
        foreach (['tag', 'tag_contact'] as $name) {
            if ($this->has($name)) {
                $columns[$name] = LogTap::orNone($this->word($name));
            }
        }
        if ($this->has('note')) {
            $columns['note'] = trim($this->word('note'));
        }
        if ($this->filled('at')) {
            $columns['at'] = $this->date('at');
        }
        if ($this->filled('depth')) {
            $depth = Measure::parse($this->word('depth'), $this->angler()->settings()->units->depth, 'depth')->si;
            $columns = [...$columns, 'depth_m' => $depth >= 0.0 && $depth <= self::DEEPEST_M ? $depth : throw InvalidInput::because(
                'depth', 'A depth lies between the surface and 150 m (490 ft).',
            ), 'depth_computed' => false];
        }

        return $columns;
    }

    /** When it was said; null for now. */
    public function said(): ?Carbon
    {
        return $this->date('said');
    }

    /** @throws InvalidInput */
    public function counted(): ?float
    {
        return $this->filled('count') ? Measure::parse($this->word('count'), Unit::Second, 'count')->si : null;
    }
}
