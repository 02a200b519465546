<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Outing;
use App\Places\Marks;
use Eskith\Telling\Enums\MarkKind;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;

/** A place is marked with one tap, where the boat is. */
final class MarkTap extends AnglerRequest implements ActsOnOuting
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['uuid' => ['required', 'uuid'], 'kind' => ['required', Rule::enum(MarkKind::class)], 'at' => self::moment()];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['kind' => 'Choose what the mark is.'];
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
        Marks::of($this->angler())->here($outing, $this->uuid(), $this->kind(), $this->at());
    }
}
