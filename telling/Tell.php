<?php

declare(strict_types=1);

namespace Eskith\Telling;

use DateTimeImmutable;
use Eskith\Core\Units\InvalidInput;

/** `bin/eskith tell < asked.json`: a question asked of a kit, `{"file": …, "question": …, "given": {…}, "now": …}`. */
final class Tell
{
    /** Of a number that is told. */
    private const DIGITS = '9';

    /** @return array{string, string, int} what to print, what to complain of, exit status: 0 answered, 1 refused, 2 not usable at all */
    public static function run(string $input): array
    {
        $asked = json_decode($input, true, 64);
        $question = is_array($asked) && is_string($asked['question'] ?? null) ? Question::tryFrom($asked['question']) : null;
        if (! is_array($asked) || $question === null) {
            $names = implode(', ', array_column(Question::cases(), 'value'));

            return ['', "The input must be a JSON object with a kit's file and a question, one of {$names}.\n", 2];
        }
        try {
            $now = is_string($asked['now'] ?? null) ? DateTimeImmutable::createFromFormat(DATE_ATOM, $asked['now']) : false;
            $now ?: throw InvalidInput::because('now', 'Say when it is asked, such as 2026-11-25T07:30:00+01:00.');
            $kit = Kit::read((string) json_encode($asked['file'] ?? null, JSON_PRESERVE_ZERO_FRACTION));
            $answer = $question->of($kit, is_array($asked['given'] ?? null) ? $asked['given'] : [], $now);

            return [self::json($answer)."\n", '', 0];
        } catch (InvalidInput $bad) {
            return ['', ($bad->field === '' ? '' : "{$bad->field}: ")."{$bad->getMessage()}\n", 1];
        }
    }

    /**
     * The same bytes wherever it was worked out: the last digits of a sine are not those of another library.
     *
     * @param  object|array<string, mixed>  $answer
     */
    public static function json(object|array $answer): string
    {
        $before = (string) ini_set('serialize_precision', self::DIGITS);
        try {
            return json_encode($answer, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
        } finally {
            ini_set('serialize_precision', $before);
        }
    }
}
