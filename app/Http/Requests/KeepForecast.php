<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Instruments\KeptForecasts;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\ForecastFile;

/** A forecast for a water: a file, or an address to ask. */
final class KeepForecast extends AnglerRequest
{
    use Uploads;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['address' => ['nullable', 'string', 'max:300']];
    }

    /** Null where a file came. */
    public function address(): ?string
    {
        return $this->filled('address') ? trim($this->word('address')) : null;
    }

    /** @throws InvalidInput when there is none */
    public function forecast(): string
    {
        $address = $this->address();

        return $address === null
            ? (string) $this->upload(ForecastFile::BYTES, 'Choose a forecast file of up to 200 kB, or type an address.')->getContent()
            : KeptForecasts::fetch($address);
    }
}
