<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Eskith\Core\Tackle\StartingBox;
use Illuminate\Validation\Rule;

/** Some of a usual dozen, wanted in an empty box. */
final class TakeStartingBox extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'uuid' => ['required', 'uuid'],
            'kind' => ['required', Rule::enum(StartingBox::class)],
            'places' => ['required', 'array', 'list', 'max:12'],
            'places.*' => ['integer', 'between:0,11'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['places.required' => 'Leave at least one of them in.'];
    }

    public function kind(): StartingBox
    {
        return StartingBox::from((string) $this->string('kind'));
    }

    /** @return list<int> */
    public function places(): array
    {
        /** @var list<int|string> $places */
        $places = $this->validated('places');

        return array_map(intval(...), $places);
    }
}
