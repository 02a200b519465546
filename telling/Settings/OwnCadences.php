<?php

declare(strict_types=1);

namespace Eskith\Telling\Settings;

use DateTimeInterface;
use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Cadence\CadenceBook;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;
use Eskith\Core\Units\UnitSet;

/**
 * The numbers an angler works cadences with, as they stand among the settings: as typed, and in SI beside it.
 *
 * @phpstan-type Own array{lift: string, lift_m: float, seconds: float, pause: float, at: string|null}
 */
final readonly class OwnCadences
{
    /** Their place among the settings. */
    public const KEY = 'cadences';

    /** @param  array<string, Own>  $kept  by name of the cadence */
    private function __construct(public array $kept, private CadenceBook $book)
    {
    }

    /** @param  array<array-key, mixed>  $set  all settings; what of them cannot be is left out */
    public static function of(array $set): self
    {
        $kept = [];
        $book = new CadenceBook;
        foreach (is_array($set[self::KEY] ?? null) ? $set[self::KEY] : [] as $name => $own) {
            $cadence = Cadence::tryFrom((string) $name);
            if (
                $cadence === null
                    || ! is_array($own)
                    || ! is_string($own['lift'] ?? null)
                    || ! is_numeric($own['lift_m'] ?? null)
                    || ! is_numeric($own['seconds'] ?? null)
                    || ! is_numeric($own['pause'] ?? null)
            ) {
                continue;
            }
            [$lift, $seconds, $pause] = [(float) $own['lift_m'], (float) $own['seconds'], (float) $own['pause']];
            try {
                $book = $book->with($cadence, $lift, $seconds, $pause);
            } catch (InvalidInput) {
                continue;
            }
            $kept[$cadence->value] = [
                'lift' => mb_substr($own['lift'], 0, 30), 'lift_m' => $lift, 'seconds' => $seconds, 'pause' => $pause,
                'at' => is_string($own['at'] ?? null) ? $own['at'] : null,
            ];
        }

        return new self($kept, $book);
    }

    /**
     * With numbers as typed, where none were kept after that.
     *
     * @return array<string, Own> to be kept
     *
     * @throws InvalidInput naming lift, seconds or pause
     */
    public function with(
        Cadence $cadence, string $lift, string $seconds, string $pause, UnitSet $units, DateTimeInterface $at,
    ): array {
        $height = Measure::parse($lift, $units->fishLength, 'lift');
        $during = Measure::parse($seconds, Unit::Second, 'seconds')->si;
        $still = Measure::parse($pause, Unit::Second, 'pause')->si;
        $this->book->with($cadence, $height->si, $during, $still);
        [$said, $before] = [$at->getTimestamp(), strtotime($this->kept[$cadence->value]['at'] ?? '')];

        return $before !== false && $said < $before ? $this->kept : [
            ...$this->kept,
            $cadence->value => [
                'lift' => $height->text, 'lift_m' => $height->si, 'seconds' => $during, 'pause' => $still,
                'at' => gmdate(DATE_ATOM, $said),
            ],
        ];
    }

    public function book(): CadenceBook
    {
        return $this->book;
    }
}
