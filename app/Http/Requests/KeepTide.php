<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;
use Eskith\Core\Water\Tide;
use Eskith\Core\Water\TideWave;
use Eskith\Telling\Enums\TideFrom;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;

/** How the tide of a water goes. */
final class KeepTide extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'from' => ['required', Rule::enum(TideFrom::class)], 'mean' => ['nullable', 'required_if:from,own', 'string', 'max:40'],
            'epoch' => ['nullable', 'required_if:from,own', 'date_format:Y-m-d'],
            'waves' => ['nullable', 'required_if:from,own', 'string', 'max:4000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'from' => 'Choose where the tide is from.', 'mean' => 'Say how high the water stands on the mean, such as 1.9 m.',
            'epoch' => 'Say from which day the phases count, such as 2026-01-01.',
            'waves' => 'One wave a line: height, degrees an hour, phase. Example: 0.92 m 28.984 212.',
        ];
    }

    public function from(): TideFrom
    {
        return TideFrom::from($this->word('from'));
    }

    /**
     * @return array<string, mixed> as a water keeps it
     *
     * @throws InvalidInput when a figure is none, or no tide comes of them
     */
    public function own(): array
    {
        $mean = Measure::parse($this->word('mean'), $this->angler()->settings()->units->depth, 'mean')->si;
        if (! (abs($mean) <= 50.0)) {
            throw InvalidInput::because('mean', 'The mean lies within 50 m of the zero of the chart.');
        }
        $waves = [];
        foreach (preg_split('/\R/u', trim($this->word('waves'))) ?: [] as $n => $line) {
            $waves[] = $this->wave(trim($line), $n + 1);
        }
        Tide::of($mean, array_map(static fn (array $wave): TideWave => new TideWave(
            $wave['amplitude_m'], $wave['speed_deg_h'], $wave['phase_deg'],
        ), $waves));

        return [
            'mean_m' => $mean, 'epoch' => Carbon::parse($this->word('epoch'), 'UTC')->toIso8601ZuluString(), 'constituents' => $waves,
            'from' => TideFrom::Own->value, 'mean' => trim($this->word('mean')), 'waves' => trim($this->word('waves')),
        ];
    }

    /**
     * @return array{amplitude_m: float, speed_deg_h: float, phase_deg: float}
     *
     * @throws InvalidInput
     */
    private function wave(string $line, int $no): array
    {
        if (preg_match('/^(.+?)[\s,;]+(\d{1,3}(?:\.\d+)?)°?[\s,;]+(-?\d{1,3}(?:\.\d+)?)°?$/uD', $line, $found) !== 1) {
            throw InvalidInput::because(
                'waves', 'Line {no} is no wave. Give height, degrees an hour and phase: 0.92 m 28.984 212.', no: $no,
            );
        }

        return [
            'amplitude_m' => Measure::parse(rtrim($found[1], ' ,;'), Unit::Metre, 'waves')->si, 'speed_deg_h' => (float) $found[2],
            'phase_deg' => (float) $found[3],
        ];
    }
}
