<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Eskith\Telling\Enums\PlanKind;
use Illuminate\Validation\Rule;

final class KeepPlan extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'uuid' => ['required', 'uuid'],
            'kind' => ['required', Rule::enum(PlanKind::class)],
            'name' => ['required', 'string', 'max:80'],
            'fields' => ['required', 'array', 'max:8'],
            'fields.*' => ['required', 'string', 'max:2000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kind' => 'Choose what is to be laid out.', 'name' => 'Give the plan a name, such as stone mole.',
            'fields' => 'Say how it lies.', 'fields.*' => 'Say this too, in at most 2000 letters.',
        ];
    }

    public function kind(): PlanKind
    {
        return PlanKind::from($this->word('kind'));
    }

    public function name(): string
    {
        return trim($this->word('name'));
    }

    /** @return array<string, string> those of the kind alone */
    public function fields(): array
    {
        $fields = [];
        foreach (array_keys($this->kind()->fields()) as $name) {
            $given = $this->input("fields.{$name}");
            $fields[$name] = is_string($given) ? trim($given) : '';
        }

        return $fields;
    }
}
