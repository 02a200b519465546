<?php

declare(strict_types=1);

namespace App\Readings;

use App\Calibration\Calibrations;
use App\Mending\SetAside;
use App\Models\Reading;
use App\Models\Spot;
use App\Models\User;
use App\Settings\Settings;
use Carbon\Exceptions\InvalidFormatException;
use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\Aim;
use Eskith\Core\Choosing\How;
use Eskith\Core\Choosing\Mood;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\Zone;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Bottom;
use Eskith\Core\Water\Clarity;
use Eskith\Core\Water\Conditions;
use Eskith\Core\Water\Flow;
use Eskith\Core\Water\Food;
use Eskith\Core\Water\Lies;
use Eskith\Core\Water\Light;
use Eskith\Core\Water\Profile;
use Eskith\Core\Water\Signs;
use Eskith\Core\Water\Trend;
use Eskith\Core\Water\Water;
use Illuminate\Support\Carbon;

/** Today's readings of one angler: those kept, overlaid by those that came with a link or are just being tried. */
final readonly class ReadingBook
{
    /** Assumed where nothing was read, so that there is a picture from the first minute; SI or choice. */
    private const ASSUMED = ['depth' => 8.0, 'species' => 'walleye', 'how' => 'vertical', 'zone' => 'bottom', 'mood' => 'neutral', 'flow' => 'still', 'salt' => 'fresh', 'cone' => 20.0];

    /** The spot one is at stands among the readings. */
    public const SPOT = 'spot';

    private const SALT = ['fresh' => Water::FRESH, 'brackish' => Water::BRACKISH, 'sea' => Water::SEA];

    /**
     * @param  array<string, Entry>  $entries by name
     * @param  list<SetAside>  $aside  kept readings that cannot be used
     */
    private function __construct(
        public array $entries,
        public Settings $likes,
        public bool $overlaid,
        public Calibrations $measured,
        public ?int $spotId,
        public array $aside,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $overlay  name => text
     *
     * @throws InvalidInput when a text of the overlay cannot be read
     */
    public static function of(User $user, array $overlay = []): self
    {
        $likes = $user->likes();
        $entries = [];
        foreach (self::ASSUMED as $name => $value) {
            $si = is_float($value) ? $value : null;
            $unit = Catalogue::all()[$name]->unit($likes->units);
            $entries[$name] = new Entry($name, is_float($value) && $unit !== null ? $unit->print($value) : (string) $value, $si, Source::Assumed);
        }
        $measured = Calibrations::of($user);
        $aside = $measured->aside;
        $spotId = null;
        foreach ($user->readings()->toBase()->get() as $row) {
            $si = is_numeric($row->si) ? (float) $row->si : null;
            $text = (string) $row->text;
            if ($row->name === self::SPOT) {
                $spotId = (int) $text;
            } elseif (Catalogue::has($row->name) && Catalogue::all()[$row->name]->holds($text, $si)) {
                $entries[$row->name] = new Entry($row->name, $text, $si, Source::tryFrom($row->source) ?? Source::Measured, self::moment($row->read_at), (bool) $row->pinned);
            } else {
                $aside[] = SetAside::reading($row->name, $text);
            }
        }
        $overlay = array_filter($overlay, static fn (mixed $text, int|string $name): bool => is_string($text) && Catalogue::has((string) $name), ARRAY_FILTER_USE_BOTH);
        foreach ($overlay as $name => $text) {
            [$shown, $si] = Catalogue::all()[$name]->read((string) $text, $likes->units);
            $entries[$name] = new Entry((string) $name, $shown, $si, Source::Link);
        }

        return new self($entries, $likes, $overlay !== [], $measured, $spotId, $aside);
    }

    /**
     * Keeps readings; the same again changes nothing but the time.
     *
     * @param  array<array-key, string|null>  $texts  name => what was typed, null to take the reading away, also one that is not known
     *
     * @throws InvalidInput when one cannot be read; then none is kept
     */
    public static function keep(User $user, array $texts, Source $source = Source::Measured): void
    {
        $units = $user->likes()->units;
        $rows = [];
        $gone = [];
        foreach ($texts as $name => $text) {
            if ($text === null) {
                $gone[] = (string) $name;

                continue;
            }
            if (! Catalogue::has((string) $name)) {
                throw InvalidInput::because('readings', 'There is no reading called "'.mb_substr((string) $name, 0, 30).'".');
            }
            [$shown, $si] = Catalogue::all()[$name]->read($text, $units);
            $rows[] = ['user_id' => $user->id, 'name' => $name, 'text' => $shown, 'si' => $si, 'source' => $source->value, 'read_at' => Carbon::now()];
        }
        if ($gone !== []) {
            Reading::query()->where('user_id', $user->id)->whereIn('name', $gone)->delete();
        }
        Reading::query()->upsert($rows, ['user_id', 'name'], ['text', 'si', 'source', 'read_at']);
    }

    /**
     * Keeps what instruments say, in the angler's units; what the angler has pinned stays.
     *
     * @param  array<string, float>  $values  SI, by name
     */
    public static function hear(User $user, array $values): void
    {
        $units = $user->likes()->units;
        $pinned = $user->readings()->where('pinned', true)->pluck('name')->all();
        $rows = [];
        foreach (array_diff_key($values, array_flip($pinned)) as $name => $si) {
            $spec = Catalogue::all()[$name];
            $unit = $spec->unit($units);
            if ($unit !== null && $spec->holds('', $si)) {
                $rows[] = ['user_id' => $user->id, 'name' => $name, 'text' => $unit->print($si), 'si' => $si, 'source' => Source::Instrument->value, 'read_at' => Carbon::now()];
            }
        }
        Reading::query()->upsert($rows, ['user_id', 'name'], ['text', 'si', 'source', 'read_at']);
    }

    /** Takes over what is known of a spot: depth, bottom, wall, how its water moves and tastes. */
    public static function goTo(User $user, Spot $spot): void
    {
        $water = $spot->water;
        $salt = array_search($water->salinity >= 25 ? Water::SEA : ($water->salinity >= 5 ? Water::BRACKISH : Water::FRESH), self::SALT, true);
        self::keep($user, [
            'depth' => $user->likes()->units->depth->print($spot->depth_m), 'bottom' => $spot->bottom, 'wall' => $spot->wall ? 'yes' : 'no',
            'flow' => $water->profile === Profile::River->value ? 'river' : ($water->kind === 'harbour' ? 'tide' : 'still'), 'salt' => (string) $salt,
        ], Source::Spot);
        Reading::query()->upsert(
            [['user_id' => $user->id, 'name' => self::SPOT, 'text' => (string) $spot->id, 'si' => null, 'source' => Source::Spot->value, 'read_at' => Carbon::now()]],
            ['user_id', 'name'], ['text', 'source', 'read_at'],
        );
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
        return $this->si('drift') === null && $this->lies() === Lies::Drifting && $this->driftMs() !== null;
    }

    private function lies(): ?Lies
    {
        return Lies::tryFrom((string) $this->text('lies'));
    }

    /** How it goes in the gusts; null when none was read, or the boat is held, or the gust is no more than the wind. */
    private function gustMs(): ?float
    {
        [$gust, $wind, $drift, $lies] = [$this->si('gust'), $this->si('wind'), $this->driftMs(), $this->lies()];
        if ($gust === null || $drift === null || $lies === Lies::Held || $lies === Lies::OnFoot || $gust <= ($wind ?? 0.0)) {
            return null;
        }
        // Without a wind the drift that was read is taken for that of a calm.
        $more = Flow::driftFromWind($gust - ($wind ?? 0.0), $this->measured->driftPerWind());

        return max(-Flow::FASTEST, min(Flow::FASTEST, $drift < 0 ? $drift - $more : $drift + $more));
    }

    /** @return list<string> */
    public function signs(): array
    {
        return Signs::read($this->text('level'), $this->text('level_trend'), $this->text('weed'), $this->text('bait'), $this->flag('birds'));
    }

    /** @return array<string, string> what was typed, by name: for links and for the record */
    public function texts(): array
    {
        return array_map(static fn (Entry $entry): string => $entry->text, $this->entries);
    }

    /** @throws InvalidInput when the figures together are impossible */
    public function situation(float $lineDiameterM): Situation
    {
        return new Situation($this->conditions(), $this->aimed(), $this->likes->schools, $lineDiameterM, $this->likes->units, cadences: $this->likes->cadences);
    }

    /** @throws InvalidInput when the figures together are impossible */
    public function demandPossible(): void
    {
        $this->conditions()->flow();
        $this->conditions()->water();
    }

    private static function moment(mixed $text): ?Carbon
    {
        try {
            return Carbon::parse(is_string($text) ? $text : null);
        } catch (InvalidFormatException) {
            return null;
        }
    }

    private function conditions(): Conditions
    {
        $food = array_filter(explode(',', (string) $this->text('food')));

        return new Conditions(
            tempC: $this->si('temp'),
            depthM: $this->si('depth'),
            clarity: Clarity::tryFrom((string) $this->text('clarity')),
            light: Light::tryFrom((string) $this->text('light')),
            currentMs: $this->currentMs(),
            boatMs: $this->driftMs(),
            profile: $this->text('flow') === 'river' ? Profile::River : Profile::Uniform,
            windMs: $this->si('wind'),
            trend: Trend::tryFrom((string) $this->text('trend')),
            salinity: self::SALT[(string) $this->text('salt')] ?? Water::FRESH,
            bottom: Bottom::tryFrom((string) $this->text('bottom')),
            wall: $this->flag('wall'),
            calm: $this->flag('calm'),
            food: array_values(array_map(static fn (string $one): Food => Food::from($one), $food)),
            surfaceTempC: $this->si('surface'),
            gustBoatMs: $this->gustMs(),
        );
    }

    private function aimed(): Aim
    {
        return new Aim(
            Species::tryFrom((string) $this->text('species')) ?? Species::Walleye,
            How::tryFrom((string) $this->text('how')) ?? How::Vertical,
            Zone::tryFrom((string) $this->text('zone')) ?? Zone::Bottom,
            Mood::tryFrom((string) $this->text('mood')) ?? Mood::Neutral,
            $this->flag('pressured') ?? false,
            $this->flag('hop') ?? false,
            $this->flag('away') ?? false,
            $this->flag('marks') ?? false,
        );
    }

    public function flag(string $name): ?bool
    {
        $text = $this->text($name);

        return $text === null ? null : $text === 'yes';
    }
}
