<?php

declare(strict_types=1);

namespace Eskith\Telling;

use DateTimeInterface;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Choosing\KeptRecord;
use Eskith\Telling\Choosing\RecordSays;
use Eskith\Telling\Day\AnglersDay;
use Eskith\Telling\Kept\AtHand;
use Eskith\Telling\Kept\Calibrations;
use Eskith\Telling\Kept\CurrentSpot;
use Eskith\Telling\Kept\KeptAtHand;
use Eskith\Telling\Kept\KeptDepth;
use Eskith\Telling\Kept\KeptFeed;
use Eskith\Telling\Kept\KeptLure;
use Eskith\Telling\Kept\KeptReading;
use Eskith\Telling\Kept\KeptRule;
use Eskith\Telling\Kept\LineInUse;
use Eskith\Telling\Kept\Measured;
use Eskith\Telling\Kept\UnusableRow;
use Eskith\Telling\Readings\ReadingBook;
use Eskith\Telling\Settings\Settings;

/** All that an angler's answers rest on, as plain values. */
final readonly class Kit
{
    /** Of what its lists are made. */
    public const LISTS = [
        'readings' => KeptReading::class, 'measured' => Measured::class, 'lures' => KeptLure::class, 'rules' => KeptRule::class,
        'depths' => KeptDepth::class, 'madeUp' => UnusableRow::class,
    ];

    /** What stands for an interface where it is written. */
    public const KEPT_AS = ['record' => KeptRecord::class, 'hand' => KeptAtHand::class];

    /** Of what it is written in; another version cannot be read. */
    public const VERSION = 4;

    /**
     * @param  array<array-key, mixed>  $set  what the angler has set
     * @param  list<KeptReading>  $readings
     * @param  list<Measured>  $measured  newest first
     * @param  list<KeptLure>  $lures  in the box, as the angler has put them
     * @param  int|null  $pinned  the lure kept in sight
     * @param  list<KeptRule>  $rules  what was chosen of them, in the order in which it was
     * @param  CurrentSpot|null  $here  where one is; null at no spot of one's own
     * @param  KeptFeed|null  $feed  null where no instruments are connected
     * @param  list<KeptDepth>  $depths  at which it bit here before, the last first; none between outings
     * @param  list<UnusableRow>  $madeUp  readings of today that nobody read
     */
    public function __construct(
        public array $set,
        public array $readings,
        public array $measured,
        public array $lures,
        public ?int $pinned,
        public array $rules,
        public LineInUse $line,
        public ?CurrentSpot $here,
        public ?KeptFeed $feed,
        public AnglersDay $day,
        public array $depths,
        public array $madeUp,
        public RecordSays $record,
        public AtHand $hand,
    ) {
    }

    /**
     * With another of some of these.
     *
     * @param  list<KeptReading>|null  $readings  null, as of the rest, for those there are
     * @param  list<KeptLure>|null  $lures
     * @param  list<Measured>|null  $measured
     * @param  array<array-key, mixed>|null  $set
     * @param  list<KeptDepth>|null  $depths
     */
    public function with(
        ?array $readings = null, ?array $lures = null, ?LineInUse $line = null, ?CurrentSpot $here = null, ?AnglersDay $day = null,
        ?array $depths = null, ?RecordSays $record = null, ?AtHand $hand = null, ?array $measured = null,
        ?array $set = null,
    ): self {
        return new self(
            set: $set ?? $this->set,
            readings: $readings ?? $this->readings,
            measured: $measured ?? $this->measured,
            lures: $lures ?? $this->lures,
            pinned: $this->pinned,
            rules: $this->rules,
            line: $line ?? $this->line,
            here: $here ?? $this->here,
            feed: $this->feed,
            day: $day ?? $this->day,
            depths: $depths ?? $this->depths,
            madeUp: $this->madeUp,
            record: $record ?? $this->record,
            hand: $hand ?? $this->hand,
        );
    }

    /** @return list<KeptLure> those that can be tied on: not lost, and as a lure must be */
    public function luresAtHand(): array
    {
        return array_values(array_filter($this->lures, static fn (KeptLure $lure): bool => ! $lure->isLost() && $lure->isSound()));
    }

    /** As a file, as a device keeps it; with what the record says worked out before. */
    public function json(): string
    {
        return json_encode(
            ['version' => self::VERSION, 'kit' => Plain::of($this)],
            JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_INVALID_UTF8_SUBSTITUTE,
        );
    }

    /** @throws InvalidInput when it is of another version, or no kit */
    public static function read(string $json): self
    {
        $file = json_decode($json, true, 32);
        if (! is_array($file) || ($file['version'] ?? null) !== self::VERSION) {
            throw InvalidInput::because('kit', 'This is no kit of this version. Fetch it again.');
        }

        return Plain::make(self::class, $file['kit'] ?? null);
    }

    /**
     * Its readings, overlaid by those that are only tried.
     *
     * @param  array<array-key, mixed>  $tried  name => text
     *
     * @throws InvalidInput when one of them cannot be used
     */
    public function book(DateTimeInterface $now, array $tried = []): ReadingBook
    {
        return ReadingBook::of(Settings::from($this->set), Calibrations::of($this->measured), $this->readings, $now, $tried);
    }
}
