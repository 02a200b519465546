<?php

declare(strict_types=1);

namespace Eskith\Telling\Readings;

use DateTimeInterface;
use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\Aim;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Choosing\Readings\Kind;
use Eskith\Core\Choosing\Readings\Renamed;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Drop\Bail;
use Eskith\Core\Drop\Cast;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\BoatHolding;
use Eskith\Core\Water\Conditions;
use Eskith\Core\Water\Flow;
use Eskith\Core\Water\Profile;
use Eskith\Core\Water\Signs;
use Eskith\Core\Water\Water;
use Eskith\Telling\Enums\Source;
use Eskith\Telling\Kept\Calibrations;
use Eskith\Telling\Kept\KeptReading;
use Eskith\Telling\Kept\UnusableRow;
use Eskith\Telling\Settings\Settings;

/** Today's readings of one angler: those kept, overlaid by those that came with a link or are just being tried. */
final readonly class ReadingBook
{
    /** The spot one is at stands among the readings. */
    public const SPOT = 'spot';

    private const SALT = ['fresh' => Water::FRESH, 'brackish' => Water::BRACKISH, 'sea' => Water::SEA];

    /**
     * @param  array<string, Entry>  $entries by name
     * @param  list<UnusableRow>  $aside  kept readings that cannot be used
     */
    private function __construct(
        public array $entries,
        public Settings $settings,
        public bool $overlaid,
        public Calibrations $measured,
        public ?int $spotId,
        public array $aside,
        public DateTimeInterface $now,
    ) {
    }

    /**
     * @param  list<KeptReading>  $kept
     * @param  array<array-key, mixed>  $overlay  name => text
     *
     * @throws InvalidInput when a text of the overlay cannot be read
     */
    public static function of(
        Settings $settings, Calibrations $measured, array $kept, DateTimeInterface $now, array $overlay = [],
    ): self {
        $entries = [];
        foreach (Reading::cases() as $reading) {
            // So that there is a picture from the first minute.
            $assumed = $reading->definition()->assumed;
            if ($assumed !== null) {
                $si = is_float($assumed) ? $assumed : null;
                $entries[$reading->value] = new Entry(
                    $reading->value,
                    // As one would type it.
                    $si === null ? (string) $assumed
                        : str_replace("\u{A0}", ' ', (string) $reading->definition()->unit($settings->units)?->print($si)), $si,
                    Source::Assumed,
                );
            }
        }
        $aside = $measured->aside;
        $spotId = null;
        foreach ($kept as $row) {
            if ($row->name === self::SPOT) {
                $spotId = (int) $row->text;
            } elseif (Reading::tryFrom($row->name)?->definition()->holds($row->text, $row->si) === true) {
                $entries[$row->name] = new Entry(
                    name: $row->name,
                    text: $row->text,
                    si: $row->si,
                    source: Source::tryFrom($row->source) ?? Source::Measured,
                    readAt: $row->readAt,
                    pinned: $row->pinned,
                );
            } else {
                $aside[] = UnusableRow::reading($row->name, $row->text);
            }
        }
        $overlay = array_filter(self::among($overlay), is_string(...));
        foreach ($overlay as $name => $text) {
            [$shown, $si] = Reading::from($name)->read($text, $settings->units);
            $entries[$name] = new Entry($name, $shown, $si, Source::Link);
        }

        return new self(
            entries: $entries,
            settings: $settings,
            overlaid: $overlay !== [],
            measured: $measured,
            spotId: $spotId,
            aside: $aside,
            now: $now,
        );
    }

    /** The water's taste, as its reading is called, from its salinity in g/kg. */
    public static function salt(float $salinity): string
    {
        return (string) array_search($salinity >= 25 ? Water::SEA : ($salinity >= 5 ? Water::BRACKISH : Water::FRESH), self::SALT, true);
    }

    public function text(string $name): ?string
    {
        return ($this->entries[$name] ?? null)?->text;
    }

    public function si(string $name): ?float
    {
        return ($this->entries[$name] ?? null)?->si;
    }

    /** How the boat goes over ground, m/s, as answers rest on it: as read, else as it lies, else unknown. */
    public function driftMs(): ?float
    {
        return $this->si('drift') ?? $this->lies()?->boatMs($this->si('wind'), $this->currentMs(), $this->measured->driftPerWind());
    }

    /** The current at the surface, m/s: as read; still water has none; in a river or tide it is unknown until it is read. */
    public function currentMs(): ?float
    {
        return $this->si('current') ?? ($this->text('flow') === 'still' ? 0.0 : null);
    }

    public function driftIsFromWind(): bool
    {
        return $this->si('drift') === null && $this->lies() === BoatHolding::Drifting && $this->driftMs() !== null;
    }

    private function lies(): ?BoatHolding
    {
        return BoatHolding::tryFrom((string) $this->text('lies'));
    }

    /** How it goes in the gusts; null when none was read, or the boat is held, or the gust is no more than the wind. */
    private function gustMs(): ?float
    {
        [$gust, $wind, $drift, $lies] = [$this->si('gust'), $this->si('wind'), $this->driftMs(), $this->lies()];
        if ($gust === null || $drift === null || $lies === BoatHolding::Held || $lies === BoatHolding::OnFoot || $gust <= ($wind ?? 0.0)) {
            return null;
        }
        // Without a wind the drift that was read is taken for that of a calm.
        $more = Flow::driftFromWind($gust - ($wind ?? 0.0), $this->measured->driftPerWind());

        return max(-Flow::FASTEST, min(Flow::FASTEST, $drift < 0 ? $drift - $more : $drift + $more));
    }

    /** @return list<string> */
    public function signs(): array
    {
        return Signs::read(
            $this->text('level'), $this->text('level_trend'), $this->text('weed'), $this->text('bait'), $this->flag('birds'),
        );
    }

    /** @return array<string, string> what was typed, by name: for links and for the record */
    public function texts(): array
    {
        return array_map(static fn (Entry $entry): string => $entry->text, $this->entries);
    }

    /** @throws InvalidInput when the figures together are impossible */
    public function situation(float $lineDiameterM): Situation
    {
        return new Situation(
            water: $this->conditions(),
            aim: $this->aimed(),
            schools: $this->settings->schools,
            lineDiameterM: $lineDiameterM,
            units: $this->settings->units,
            cadences: $this->settings->cadences,
        );
    }

    public function conditions(): Conditions
    {
        return (new Conditions(
            profile: $this->text('flow') === 'river' ? Profile::River : Profile::Uniform,
            salinity: self::SALT[(string) $this->text('salt')] ?? Water::FRESH,
            gustBoatMs: $this->gustMs(),
            onFoot: $this->lies() === BoatHolding::OnFoot,
        ))->with(...$this->standing(false));
    }

    /** @throws InvalidInput when the figures together are impossible */
    public function demandPossible(): void
    {
        $conditions = $this->conditions();
        $conditions->flow();
        $conditions->water();
    }

    private function aimed(): Aim
    {
        return (new Aim(
            Species::Walleye, castM: $this->si('cast') ?? Cast::USUAL_M, bail: Bail::tryFrom((string) $this->text('bail')) ?? Bail::Open,
        ))->with(...array_filter($this->standing(true), static fn (mixed $value): bool => $value !== null));
    }

    /** @return array<string, mixed> what choices rest on, by its property in Conditions or in Aim; null where it was not read */
    private function standing(bool $ofAim): array
    {
        $standing = [];
        foreach (Reading::used() as $reading) {
            if ($reading->basis()->ofAim === $ofAim) {
                $text = $this->text($reading->value);
                $standing[$reading->basis()->field] = match (true) {
                    $reading === Reading::Drift => $this->driftMs(),
                    $reading === Reading::Current => $this->currentMs(),
                    $reading->dimension() !== null => $this->si($reading->value),
                    // No food is none, not unknown.
                    $text === null => $reading->definition()->kind === Kind::Choices ? [] : null,
                    default => $reading->definition()->typed($text),
                };
            }
        }

        return $standing;
    }

    /**
     * Of what is given by name, what is a reading.
     *
     * @param  array<array-key, mixed>  $given
     * @return array<string, mixed>
     */
    public static function among(array $given): array
    {
        $found = [];
        foreach ($given as $name => $text) {
            [$name, $text] = is_string($text) ? Renamed::reading((string) $name, $text) ?? ['', ''] : [(string) $name, $text];
            if (Reading::tryFrom($name) !== null) {
                $found[$name] = $text;
            }
        }

        return $found;
    }

    public function flag(string $name): ?bool
    {
        $text = $this->text($name);

        return $text === null ? null : $text === 'yes';
    }
}
