<?php

declare(strict_types=1);

namespace Eskith\Telling\Rules;

use Eskith\Core\Choosing\Custom\Condition;
use Eskith\Core\Choosing\Custom\CustomRule;
use Eskith\Core\Choosing\Custom\LureFilter;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Choosing\Readings\Renamed;
use Eskith\Core\CommandLine\Fields;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\PlainText;
use Eskith\Core\Units\Unit;
use Eskith\Core\Units\UnitSet;

/** Reads a rule of the angler's own as it is typed, kept and exported: measures as text with their unit. */
final readonly class CustomRuleForm
{
    private const CONDITIONS = 8;

    private function __construct(private UnitSet $units)
    {
    }

    /**
     * @param  array<array-key, mixed>  $fields  name, points, when: list of {reading, from?, to?, any?}, lures: {families?,
     *   finishes?, from?, to?}
     *
     * @throws InvalidInput when it cannot be used
     */
    public static function rule(string $id, array $fields, UnitSet $units): CustomRule
    {
        $form = new self($units);
        $given = Fields::of($fields);
        $when = $given->items('when');
        if (count($when) > self::CONDITIONS) {
            throw InvalidInput::because('when', 'A rule takes up to {conditions} readings.', conditions: self::CONDITIONS);
        }

        return CustomRule::of(
            $id, $given->text('name'),
            array_map(
                static fn (mixed $one, int $i): Condition => $form->condition(
                    Fields::of(is_array($one) ? Renamed::condition($one) : $one, "when.{$i}"),
                ), $when,
                array_keys($when),
            ),
            $form->lures($given->inner('lures')), $given->number('points'),
        );
    }

    /**
     * The same fields as they are kept: as typed, with the unit written out, so that they mean the same under other settings.
     *
     * @param  array<array-key, mixed>  $fields that rule() has accepted
     * @return array<string, mixed>
     */
    public static function kept(array $fields, UnitSet $units): array
    {
        $form = new self($units);
        $given = Fields::of($fields);
        $lures = $given->inner('lures');

        return [
            'name' => trim($given->text('name')), 'points' => $given->number('points'),
            'when' => array_map(static function (mixed $one) use ($form): array {
                $condition = Fields::of(is_array($one) ? Renamed::condition($one) : $one);
                $reading = self::reading($condition);
                $unit = $reading->definition()->unit($form->units);

                return ['reading' => $reading->value, ...($unit === null
                    ? ['any' => $form->words($condition, 'any')]
                    : ['from' => $form->text($condition, 'from', $unit), 'to' => $form->text($condition, 'to', $unit)])];
            }, $given->items('when')),
            'lures' => [
                'families' => $form->words($lures, 'families'), 'finishes' => $form->finishes($lures),
                'from' => $form->text($lures, 'from', $units->lureWeight), 'to' => $form->text($lures, 'to', $units->lureWeight),
            ],
        ];
    }

    private function condition(Fields $fields): Condition
    {
        $reading = self::reading($fields);
        $unit = $reading->definition()->unit($this->units);
        if ($unit === null) {
            return Condition::anyOf($reading, $this->words($fields, 'any'));
        }

        return Condition::between($reading, $this->measure($fields, 'from', $unit), $this->measure($fields, 'to', $unit));
    }

    private function lures(Fields $fields): LureFilter
    {
        return LureFilter::of(
            $this->words($fields, 'families'), $this->finishes($fields),
            $this->measure($fields, 'from', $this->units->lureWeight), $this->measure($fields, 'to', $this->units->lureWeight),
        );
    }

    private function measure(Fields $fields, string $name, Unit $unit): ?float
    {
        return $this->typed($fields, $name, $unit)?->si;
    }

    private function text(Fields $fields, string $name, Unit $unit): string
    {
        return str_replace("\u{00A0}", ' ', $this->typed($fields, $name, $unit)->text ?? '');
    }

    private function typed(Fields $fields, string $name, Unit $unit): ?Measure
    {
        $text = trim($fields->text($name, ''));

        return $text === '' ? null : Measure::parse($text, $unit, $fields->at($name));
    }

    /** @return list<string> */
    private function finishes(Fields $fields): array
    {
        return array_map(static fn (string $finish): string => mb_strtolower(trim($finish)), $this->words($fields, 'finishes'));
    }

    /** @return list<string> */
    private function words(Fields $fields, string $name): array
    {
        return array_map(
            static fn (mixed $word): string => is_string($word) && mb_strlen($word) <= 40 && PlainText::isReadable($word)
                ? $word
                : throw InvalidInput::because($fields->at($name), '"{at}" must be a list of words.', at: $fields->at($name)),
            $fields->items($name),
        );
    }

    /** @throws InvalidInput unless it is one that rules know */
    private static function reading(Fields $fields): Reading
    {
        $reading = Reading::tryFrom($fields->text('reading', ''));

        return $reading !== null && in_array($reading, Reading::used(), true)
            ? $reading
            : throw InvalidInput::because(
                $fields->at('reading'), '"{at}" must be one of {used}.',
                at: $fields->at('reading'), used: implode(', ', array_column(Reading::used(), 'value')),
            );
    }
}
