<?php

declare(strict_types=1);

namespace App\Http;

use App\Data\Tackle\BoxData;
use Eskith\Core\Words\Words;
use Eskith\Telling\Data\Fish\OutingData;
use Eskith\Telling\Data\Lure\AnswerData;

/**
 * What a page says first, for the moment before its scripts have come: on a slow phone that is what is read in the
 * first two seconds.
 */
final readonly class FirstSight
{
    /** @param  bool  $hasStrip  whether the readings stand under the stations there */
    private function __construct(public string $heading, public string $lead, public bool $hasStrip)
    {
    }

    /** @param  array{component: string, props: array<string, mixed>}  $page */
    public static function of(array $page): ?self
    {
        $props = $page['props'];
        $answer = $props['answer'] ?? null;
        $answer = $answer instanceof AnswerData ? $answer : null;
        [$box, $outing] = [$props['box'] ?? null, $props['outing'] ?? null];

        return match ($page['component']) {
            'Lure' => $answer === null ? null : new self($answer->headline, $answer->lead, true),
            'Water' => new self($answer?->chosen?->drop->spoken ?? 'Read the water first', '', false),
            'Fish' => new self($outing instanceof OutingData ? $outing->title : 'No outing is under way', '', false),
            'Tackle' => new self(
                $box instanceof BoxData && $box->inBox > 0
                    ? Words::of('{lures|# lure|# lures} in the box', lures: $box->inBox)
                    : 'Your box is empty',
                '', false,
            ),
            default => null,
        };
    }
}
