<?php

declare(strict_types=1);

namespace App\Instruments;

use App\Models\Water;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\ForecastFile;
use Eskith\Core\Words\Words;
use Eskith\Telling\Kept\Coerce;
use GuzzleHttp\Psr7\Utils;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Http;
use RuntimeException;

/** What an angler set for a water, as a file or an address; of the demo's waters, where none is set, what is made up. */
final readonly class KeptForecasts implements Forecasts
{
    /** s that an address has to answer. */
    private const PATIENCE_S = 5;

    public function __construct(private SimulatedForecasts $madeUp)
    {
    }

    public function tide(Water $water): ?array
    {
        return $this->madeUp->tide($water);
    }

    public function at(Water $water, Carbon $moment): ?Forecast
    {
        if ($water->forecast === null) {
            return $this->madeUp->at($water, $moment);
        }
        try {
            $file = ForecastFile::read($water->forecast);
        } catch (InvalidInput) {
            // What was kept and cannot be read says nothing.
            return null;
        }
        $hour = $file->at($moment->getTimestamp());

        return $hour === null ? null : new Forecast(
            windMs: $hour->windMs, gustMs: $hour->gustMs, from: $hour->from, cloud: $hour->cloud, airC: $hour->airC,
            source: $file->source === '' ? 'your forecast' : $file->source,
        );
    }

    /**
     * Keeps a forecast for a water.
     *
     * @param  string|null  $address  whence it came
     *
     * @throws InvalidInput when it cannot be read; then the one before stays
     */
    public static function keep(Water $water, string $json, ?string $address): void
    {
        ForecastFile::read($json);
        $water->update(['forecast' => $json, 'forecast_address' => $address, 'forecast_at' => Carbon::now()]);
    }

    /**
     * Asks an address. Only hosts that this server lists are asked: what is within its network is nobody's to look at.
     *
     * @throws InvalidInput when it may not be asked, or answers nothing of use
     */
    public static function fetch(string $address): string
    {
        $parts = parse_url($address);
        $host = strtolower(($parts['host'] ?? '').(isset($parts['port']) ? ":{$parts['port']}" : ''));
        if (! in_array($parts['scheme'] ?? '', ['http', 'https'], true) || $host === '' || isset($parts['user'])) {
            throw InvalidInput::because('address', 'Type an address such as https://example.org/forecast.json.');
        }
        $listed = array_filter(array_map(trim(...), explode(',', strtolower(Coerce::text(config('eskith.forecast_hosts'))))));
        if (! in_array($host, $listed, true)) {
            throw InvalidInput::because('address', $listed === []
                ? 'This server asks no addresses for forecasts. Bring a file, or have its keeper list the host.'
                : Words::of('This server asks only {listed} for forecasts.', listed: implode(', ', $listed)));
        }
        try {
            $answer = Http::timeout(self::PATIENCE_S)->connectTimeout(self::PATIENCE_S)->acceptJson()
                ->withOptions(['allow_redirects' => false, 'stream' => true, 'read_timeout' => self::PATIENCE_S])->get($address);
            // What comes over a wire comes in pieces: one read is not all of it.
            $json = Utils::copyToString($answer->toPsrResponse()->getBody(), ForecastFile::BYTES + 1);
        } catch (ConnectionException|RuntimeException) {
            throw InvalidInput::because('address', 'Nothing answers at that address; the forecast before stays.');
        }

        return $answer->ok() ? $json : throw InvalidInput::because(
            'address', 'That address answers {status} instead of a forecast; the one before stays.', status: $answer->status(),
        );
    }
}
