<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Outing;
use App\Places\Marks;
use App\Places\PhoneFix;
use Eskith\Telling\Enums\MarkKind;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;

/** A place is marked with one tap, where the boat is. */
final class MarkTap extends AnglerRequest implements ActsOnOuting
{
    /** Where the phone was as it was pressed: degrees, and m within which it lay. */
    private const FIX = ['lat', 'lon', 'accuracy'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'uuid' => ['required', 'uuid'], 'kind' => ['required', Rule::enum(MarkKind::class)], 'at' => self::moment(),
            ...array_fill_keys(self::FIX, ['nullable', 'numeric']),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['kind' => 'Choose what the mark is.', ...array_fill_keys(self::FIX, 'This phone told a position that is none.')];
    }

    public function kind(): MarkKind
    {
        return MarkKind::from($this->word('kind'));
    }

    public function at(): Carbon
    {
        return $this->date('at') ?? Carbon::now();
    }

    public function act(Outing $outing): void
    {
        Marks::of($this->angler())->here(
            $outing, $this->uuid(), $this->kind(), $this->at(),
            PhoneFix::read($this->input('lat'), $this->input('lon'), $this->input('accuracy')),
        );
    }
}
