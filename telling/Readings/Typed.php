<?php

declare(strict_types=1);

namespace Eskith\Telling\Readings;

use DateTimeInterface;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Choosing\Readings\Renamed;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\UnitSet;
use Eskith\Telling\Enums\Source;
use Eskith\Telling\Kept\KeptReading;

/** Readings as they were typed: those to be kept, and names of those to be taken away. */
final readonly class Typed
{
    /**
     * @param  list<KeptReading>  $read
     * @param  list<string>  $gone  also names that are not known
     */
    private function __construct(public array $read, public array $gone)
    {
    }

    /**
     * @param  array<array-key, string|null>  $texts  name => what was typed, null to take the reading away
     *
     * @throws InvalidInput when one cannot be read
     */
    public static function of(array $texts, UnitSet $units, DateTimeInterface $at, Source $source = Source::Measured): self
    {
        $read = [];
        $gone = [];
        foreach ($texts as $name => $text) {
            if ($text === null) {
                $gone[] = (string) $name;

                continue;
            }
            // What says nothing any more is no reading to keep.
            [$name, $text] = Renamed::reading((string) $name, $text) ?? ['', ''];
            if ($name === '') {
                continue;
            }
            $reading = Reading::tryFrom($name) ?? throw InvalidInput::because(
                'readings', 'There is no reading called "{name}".', name: mb_substr($name, 0, 30),
            );
            [$shown, $si] = $reading->read($text, $units);
            $read[] = new KeptReading(
                name: $name,
                text: $shown,
                si: $si,
                source: $source->value,
                readAt: $at,
                pinned: false,
            );
        }

        return new self($read, $gone);
    }

    /**
     * In place of those of the same name, which stay pinned.
     *
     * @param  list<KeptReading>  $kept
     * @return list<KeptReading>
     */
    public function over(array $kept): array
    {
        $by = [];
        foreach ($kept as $one) {
            $by[$one->name] = $one;
        }
        foreach ($this->gone as $name) {
            unset($by[$name]);
        }
        foreach ($this->read as $one) {
            $by[$one->name] = new KeptReading(
                name: $one->name,
                text: $one->text,
                si: $one->si,
                source: $one->source,
                readAt: $one->readAt,
                pinned: $by[$one->name]->pinned ?? false,
            );
        }

        return array_values($by);
    }
}
