<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Tackle\HoleFields;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Proportions;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Illuminate\Validation\Rule;

final class AddLure extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'uuid' => ['required', 'uuid'],
            'family' => ['required', Rule::enum(Family::class)],
            'weight' => ['required', 'string', 'max:40'],
            'finish' => ['required', 'string', 'max:40'],
            'holes' => ['required', 'integer', 'between:0,4'],
            'red' => ['boolean'],
            'quantity' => ['integer', 'between:1,999'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'weight.required' => 'Say how heavy the lure is, such as 1/2 oz.',
            'finish.required' => 'Say which finish the lure has, such as silver.',
            'holes' => 'A lure has 0 to 4 line holes.',
            'quantity' => 'Quantity is a whole number from 1 to 999.',
        ];
    }

    /**
     * The fields, with as many holes as were said in their usual places.
     *
     * @return array<string, mixed>
     *
     * @throws InvalidInput when the weight cannot be read
     */
    public function set(): array
    {
        $weight = Measure::parse((string) $this->string('weight'), $this->angler()->settings()->units->lureWeight, 'weight');
        $size = Proportions::size(Family::from((string) $this->string('family')), max(0.0005, min(0.5, $weight->si)));

        return [
            'family' => (string) $this->string('family'), 'weight' => (string) $this->string('weight'),
            'finish' => (string) $this->string('finish'),
            'red' => $this->boolean('red'), 'quantity' => $this->integer('quantity', 1),
            'length' => $size->x, 'height' => $size->y, 'holes' => HoleFields::usual($size, $this->integer('holes')),
        ];
    }
}
