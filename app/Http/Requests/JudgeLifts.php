<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Eskith\Core\Cadence\LiftTrace;
use Eskith\Core\Units\InvalidInput;

final class JudgeLifts extends AnglerRequest
{
    /** Lifts that are compared, and samples of one. */
    private const MOST = 10;

    private const SAMPLES = 6_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'pick' => ['required', 'string', 'max:80'],
            'lifts' => ['required', 'array', 'list', 'max:'.self::MOST],
            'lifts.*' => ['required', 'array', 'list', 'max:'.self::SAMPLES],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'pick' => 'Choose the lure that is worked.', 'lifts.required' => 'Make a lift first.',
            'lifts.*' => 'That recording is no lift.',
        ];
    }

    public function pick(): string
    {
        return $this->word('pick');
    }

    /**
     * @return non-empty-list<LiftTrace> the last one last
     *
     * @throws InvalidInput when one of them is no lift
     */
    public function lifts(): array
    {
        /** @var non-empty-list<list<mixed>> $given */
        $given = $this->input('lifts');

        return array_map(static fn (array $samples): LiftTrace => LiftTrace::of(array_map(self::sample(...), $samples), 'lifts'), $given);
    }

    /**
     * @return array{float, float}
     *
     * @throws InvalidInput
     */
    private static function sample(mixed $sample): array
    {
        $numbers = is_array($sample) && array_is_list($sample) ? array_filter($sample, is_numeric(...)) : [];
        if (count($numbers) !== 2 || max(array_map(static fn (mixed $one): float => abs((float) $one), $numbers)) > 1e6) {
            throw InvalidInput::because('lifts', 'A lift is a list of seconds and metres.');
        }

        return [(float) $numbers[0], (float) $numbers[1]];
    }
}
