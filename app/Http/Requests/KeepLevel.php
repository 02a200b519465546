<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;

/** How a water stands now. */
final class KeepLevel extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['level' => ['nullable', 'string', 'max:40']];
    }

    /**
     * @return array{float, string}|null m above its zero, and as it was typed; null for not read
     *
     * @throws InvalidInput when it is no length
     */
    public function level(): ?array
    {
        if (! $this->filled('level')) {
            return null;
        }
        $typed = trim($this->word('level'));
        $down = preg_match('/^[-−]|\b(?:down|below(?: normal)?)$/u', $typed) === 1;
        $read = Measure::parse(
            trim((string) preg_replace('/^[-−+]\s*|\s*(?:up|down|(?:above|below)(?: normal)?)$/u', '', $typed)),
            $this->angler()->settings()->units->depth, 'level',
        );
        if (! ($read->si >= 0.0 && $read->si <= 100.0)) {
            throw InvalidInput::because('level', 'A level lies within 100 m of the zero of the chart, such as −1.2 ft.');
        }

        return [$down ? -$read->si : $read->si, ($down ? '-' : '').$read->text];
    }
}
