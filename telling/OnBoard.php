<?php

declare(strict_types=1);

namespace Eskith\Telling;

use DateTimeImmutable;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Doing\Done;
use Eskith\Telling\Settings\Fault;
use Eskith\Telling\Settings\Settings;

/** Answers on a device: a kit is taken once and asked again and again. */
final class OnBoard
{
    private static ?Kit $kit = null;

    /** @throws InvalidInput when it is of another version, or no kit */
    public static function take(string $file): void
    {
        self::$kit = Kit::read($file);
    }

    /**
     * @param  string  $asked  JSON: question, given, done (what was done here and is not sent yet, as it will be), now (s since the epoch)
     * @return string JSON as the address of the question answers: {"status": 200 or 422, "body": …}
     */
    public static function answer(string $asked): string
    {
        /** @var array{question: string, given: array<array-key, mixed>, done: list<mixed>, now: float|int} $one */
        $one = json_decode($asked, true, 16, JSON_THROW_ON_ERROR);
        $kit = Done::over(self::$kit ?? throw new \LogicException('Nothing was taken along yet.'), $one['done']);
        $now = DateTimeImmutable::createFromFormat('U.u', sprintf('%.6F', $one['now'])) ?: throw new \LogicException('It is no moment.');
        try {
            return self::said(200, Question::from($one['question'])->of($kit, $one['given'], $now));
        } catch (InvalidInput $bad) {
            $words = Fault::words($bad, Settings::from($kit->set)->units);

            return self::said(422, ['message' => $words, 'errors' => [$bad->field => [$words]]]);
        }
    }

    /** @param  object|array<string, mixed>  $body */
    private static function said(int $status, object|array $body): string
    {
        return '{"status":'.$status.',"body":'.Tell::json($body).'}';
    }
}
