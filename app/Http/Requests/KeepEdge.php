<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Places\SectionLine;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Position;
use Eskith\Telling\Enums\EdgeKind;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;

/** A line drawn on the chart. */
final class KeepEdge extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'uuid' => ['required', 'uuid'], 'kind' => ['required', Rule::enum(EdgeKind::class)], 'name' => ['nullable', 'string', 'max:80'],
            'line' => ['required', 'string', 'max:2000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kind' => 'Choose what the line is.', 'name.max' => 'Keep the name to 80 letters.', 'line' => 'Draw the line on the chart.',
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidInput when the line is none
     */
    public function columns(): array
    {
        return [
            'kind' => EdgeKind::from($this->word('kind')), 'name' => trim($this->word('name')), 'seen_on' => Carbon::today(),
            'points' => array_map(static fn (Position $at): array => $at->pair(), SectionLine::parse($this->word('line'))),
        ];
    }
}
