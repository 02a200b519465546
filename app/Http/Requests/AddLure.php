<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Lure;
use App\Models\User;
use Eskith\Core\Tackle\Body;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\Proportions;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class AddLure extends FormRequest
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
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'weight.required' => 'Say how heavy the lure is, such as 1/2 oz.',
            'finish.required' => 'Say which finish the lure has, such as silver.',
            'holes' => 'A lure has 0 to 4 line holes.',
        ];
    }

    /** @throws InvalidInput when the weight cannot be read or is none */
    public function lure(User $user): Lure
    {
        $family = Family::from((string) $this->string('family'));
        $mass = Measure::parse((string) $this->string('weight'), $user->likes()->units->lureWeight, 'weight');
        try {
            Body::of($family, $mass->si);
        } catch (InvalidInput $bad) {
            throw InvalidInput::because('weight', $bad->getMessage());
        }
        $size = Proportions::size($family, $mass->si);

        return $user->lures()->firstOrCreate(['uuid' => (string) $this->string('uuid')], [
            'position' => (int) $user->lures()->max('position') + 1,
            'family' => $family->value,
            'mass_kg' => $mass->si,
            'mass_text' => $mass->text,
            'finish' => mb_strtolower(trim((string) $this->string('finish'))),
            'red_near_hooks' => $this->boolean('red'),
            'length_mm' => $size->x,
            'height_mm' => $size->y,
            'holes' => array_map(static fn (Hole $hole): array => ['name' => $hole->name, 'x' => $hole->at->x, 'y' => $hole->at->y], Proportions::holes($size, $this->integer('holes'))),
        ]);
    }
}
