<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bites\BiteLog;
use App\Models\Outing;
use Eskith\Core\Care\HeldIn;
use Eskith\Core\Care\ScaleReading;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;
use Eskith\Telling\Enums\BitePhase;
use Eskith\Telling\Enums\EventKind;
use Eskith\Telling\Enums\Flew;
use Eskith\Telling\Enums\HookHeld;
use Eskith\Telling\Enums\LostAt;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;

final class LogTap extends AnglerRequest implements ActsOnOuting
{
    /** Shortest and longest fish that is believed, m. */
    private const FISH_M = [0.03, 2.0];

    /** Thinnest and thickest, around, m. */
    private const GIRTH_M = [0.01, 1.5];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'uuid' => ['required', 'uuid'],
            'setup' => ['nullable', 'uuid'],
            'rod' => ['nullable', 'uuid'],
            'kind' => ['required', Rule::enum(EventKind::class)],
            'came' => ['nullable', Rule::enum(BitePhase::class)],
            'species' => ['nullable', 'string', 'max:40', 'required_if:kind,fish'],
            'length' => ['nullable', 'string', 'max:40'],
            'landed' => ['nullable', 'boolean'],
            'hook' => ['nullable', Rule::enum(HookHeld::class)],
            'held' => ['nullable', Rule::enum(HeldIn::class)],
            'flew' => ['nullable', Rule::enum(Flew::class)],
            'over' => self::moment(),
            'bent' => ['nullable', 'boolean'],
            'lost_at' => ['nullable', Rule::enum(LostAt::class)],
            'kept' => ['nullable', 'boolean'],
            ...self::aside(),
            'at' => [...self::moment(), self::of($this->route('outing'))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'species.required_if' => 'Say which fish it was.', 'at' => "The time of this entry can't be right.", ...self::asideMessages(),
        ];
    }

    /** @return array<string, list<mixed>> what can be told of a fish beside its length */
    public static function aside(): array
    {
        return [
            'girth' => ['nullable', 'string', 'max:40'], 'scale' => ['nullable', 'string', 'max:80'],
            'tag' => ['nullable', 'string', 'max:40'],
            'tag_contact' => ['nullable', 'string', 'max:120'], 'note' => ['nullable', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    public static function asideMessages(): array
    {
        return [
            'tag' => 'A tag has up to 40 letters and figures.', 'tag_contact' => 'Keep the contact to 120 letters.',
            'note' => 'Keep the note to 500 letters.',
        ];
    }

    /** Nothing belongs to an outing that was a day before it. */
    private static function of(mixed $outing): string
    {
        return 'after:'.($outing instanceof Outing ? $outing->started_at->copy()->subDay()->toIso8601String() : '-2 days');
    }

    /**
     * @return array{uuid: string, kind: EventKind, came: BitePhase|null, species: string|null, length_m: float|null,
     *   length_text: string|null, landed: bool|null, hook: HookHeld|null,
     *   held: HeldIn|null, flew: Flew|null, over_at: Carbon|null, bent: bool|null, lost_at: LostAt|null, kept: bool|null,
     *   at: Carbon, girth_m: float|null, girth_text: string|null,
     *   scale_kg: float|null, scale_text: string|null, tag: string|null, tag_contact: string|null, note: string}
     *
     * @throws InvalidInput when the length cannot be that of a fish
     */
    public function what(): array
    {
        $length = $this->length();
        $girth = self::girthOf($this->word('girth'), $this->angler()->settings()->units->fishLength);
        $scale = self::weighed($this->word('scale'), $this->angler()->settings()->units->fishWeight);
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
            'held' => $fish ? $this->enum('held', HeldIn::class) : null,
            'flew' => $fish ? null : $this->enum('flew', Flew::class),
            'over_at' => $fish ? $this->over() : null,
            'bent' => $fish && $this->filled('bent') ? $this->boolean('bent') : null,
            'lost_at' => $fish ? $this->enum('lost_at', LostAt::class) : null,
            'kept' => $fish && $this->filled('kept') ? $this->boolean('kept') : null,
            'at' => $this->date('at') ?? Carbon::now(),
            'girth_m' => $girth?->si,
            'girth_text' => $girth?->text,
            'scale_kg' => $fish ? $scale?->si : null,
            'scale_text' => $fish ? $scale?->text : null,
            'tag' => self::orNone($this->word('tag')),
            'tag_contact' => self::orNone($this->word('tag_contact')),
            'note' => trim($this->word('note')),
        ];
    }

    /** When the fish was landed or lost; not before it was on, nor an hour after. */
    private function over(): ?Carbon
    {
        $over = $this->date('over');
        $on = $this->date('at') ?? Carbon::now();

        return $over === null || $over->lessThan($on) || $over->greaterThan($on->copy()->addHour()) ? null : $over;
    }

    /** What it happened with; null for what is on the rod in hand. */
    public function setup(): ?string
    {
        return $this->filled('setup') ? $this->word('setup') : null;
    }

    /** Its rod, where it is told by that; null otherwise. */
    public function rod(): ?string
    {
        return $this->filled('rod') ? $this->word('rod') : null;
    }

    public static function orNone(string $typed): ?string
    {
        return trim($typed) === '' ? null : trim($typed);
    }

    private function length(): ?Measure
    {
        return self::lengthOf($this->word('length'), $this->angler()->settings()->units->fishLength);
    }

    /**
     * @return Measure|null null where nothing was typed
     *
     * @throws InvalidInput when no fish is so long
     */
    public static function lengthOf(string $typed, Unit $unit): ?Measure
    {
        return self::measured('length', 'A fish measures between', self::FISH_M, $typed, $unit);
    }

    /**
     * @return Measure|null null where nothing was typed
     *
     * @throws InvalidInput when no fish is so thick
     */
    public static function girthOf(string $typed, Unit $unit): ?Measure
    {
        return self::measured('girth', 'Around, a fish measures between', self::GIRTH_M, $typed, $unit);
    }

    /**
     * @return Measure|null null where nothing was typed
     *
     * @throws InvalidInput when no fish weighs that
     */
    public static function weighed(string $typed, Unit $unit): ?Measure
    {
        return trim($typed) === '' ? null : ScaleReading::middle($typed, $unit);
    }

    /**
     * @param  array{float, float}  $between  m
     *
     * @throws InvalidInput
     */
    private static function measured(string $field, string $is, array $between, string $typed, Unit $unit): ?Measure
    {
        if (trim($typed) === '') {
            return null;
        }
        $measure = Measure::parse($typed, $unit, $field);

        return $measure->si >= $between[0] && $measure->si <= $between[1] ? $measure : throw InvalidInput::because(
            $field, '{is} {least} and {most}; "{measure}" does not.',
            is: $is, least: $unit->print($between[0]), most: $unit->print($between[1]), measure: $measure->text,
        );
    }

    public function act(Outing $outing): void
    {
        BiteLog::of($this->angler())->log($outing, $this->what(), $this->setup(), $this->rod());
    }
}
