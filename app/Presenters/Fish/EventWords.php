<?php

declare(strict_types=1);

namespace App\Presenters\Fish;

use App\Models\Event;
use Eskith\Core\Care\FishWeight;
use Eskith\Core\Care\WeighedFish;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\UnitSet;
use Eskith\Core\Words\Words;
use Eskith\Telling\Data\Fish\LoggedBiteData;
use Eskith\Telling\Enums\EventKind;

/** What was logged, in a line. */
final class EventWords
{
    /**
     * @param  bool  $tags  whether the number of a tag is told
     * @return string "Walleye, 18½ in, about 2.1 lb, on the first fall, rear hook, released"
     */
    public static function of(Event $event, EventKind $kind, UnitSet $units, bool $tags = true): string
    {
        $what = $event->species === null ? $kind->word() : ucfirst(str_replace('_', ' ', $event->species));

        return implode(', ', array_filter([
            $what, $event->length_text, self::weight($event, $units), $event->came?->word(),
            $event->landed === false ? 'lost'.($event->lost_at === null ? '' : ", {$event->lost_at->word()}") : null,
            $event->hook?->word(), $event->held?->word(), $event->flew?->word(), $event->bent === true ? 'hook bent' : null,
            $event->kept === null ? null : ($event->kept ? 'kept' : 'released'),
            $event->girth_text === null ? null : Words::of('{girth} around', girth: $event->girth_text),
            $event->tag === null || ! $tags ? null : Words::of('tag {tag}', tag: $event->tag),
            $event->lure_lost === true ? 'lure lost' : ($event->lure_lost === false && $kind === EventKind::Snag ? 'freed' : null),
        ], static fn (?string $part): bool => $part !== null && $part !== ''));
    }

    /** @param  string  $card  why it goes back by the angler's card; '' when it does not */
    public static function bite(Event $event, string $card = ''): LoggedBiteData
    {
        return new LoggedBiteData(
            came: $event->came->value ?? '',
            fish: $event->kind === EventKind::Fish,
            species: $event->species ?? '',
            length: $event->length_text ?? '',
            landed: $event->landed ?? true,
            hook: $event->hook->value ?? '',
            bent: $event->bent ?? false,
            lostAt: $event->lost_at->value ?? '',
            kept: $event->kept === null ? '' : ($event->kept ? 'kept' : 'released'),
            girth: $event->girth_text ?? '',
            tag: $event->tag ?? '',
            tagContact: $event->tag_contact ?? '',
            card: $card,
            held: $event->held->value ?? '',
            scale: $event->scale_text ?? '',
        );
    }

    /** By its girth too where that was taken and can be; else by its length alone. */
    private static function kg(WeighedFish $fish, float $lengthM, ?float $girthM): float
    {
        try {
            return $girthM === null ? FishWeight::kg($fish, $lengthM) : FishWeight::kgByGirth($fish, $lengthM, $girthM);
        } catch (InvalidInput $bad) {
            return $bad->field === 'girth' ? FishWeight::kg($fish, $lengthM) : throw $bad;
        }
    }

    /** As it was weighed, else an estimate from its length; '' where none is told. */
    private static function weight(Event $event, UnitSet $units): string
    {
        if ($event->scale_text !== null) {
            return Words::of('{scale} on the scale', scale: $event->scale_text);
        }
        $fish = WeighedFish::tryFrom(str_replace(' ', '_', $event->species ?? ''));
        if ($fish === null || $event->length_m === null) {
            return '';
        }
        try {
            $weight = $units->fishWeight->fromSi(self::kg($fish, $event->length_m, $event->girth_m));

            // An estimate deserves no more than two figures.
            return Words::of(
                "about {weight}\u{A0}{unit}", weight: round($weight, $weight < 10 ? 1 : 0), unit: $units->fishWeight->symbol(),
            );
        } catch (InvalidInput) {
            return '';
        }
    }
}
