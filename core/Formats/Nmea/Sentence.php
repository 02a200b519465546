<?php

declare(strict_types=1);

namespace Eskith\Core\Formats\Nmea;

/** One NMEA 0183 sentence: talker, kind and fields, with its checksum right. */
final readonly class Sentence
{
    /** Longest sentence that is looked at, characters. The standard says 82; some instruments say more. */
    private const LONGEST = 120;

    /** @param  list<string>  $fields */
    private function __construct(public string $talker, public string $kind, public array $fields)
    {
    }

    /** @param  list<string>  $fields */
    public static function of(string $talker, string $kind, array $fields): self
    {
        return new self($talker, $kind, $fields);
    }

    /** Null for anything that is not a whole sentence with the right checksum (one without any is taken). */
    public static function parse(string $line): ?self
    {
        $line = trim($line);
        if (
            strlen($line) > self::LONGEST || preg_match(
                '/^[$!]([A-Z]{2}|P)([A-Z]{3})((?:,[\x20-\x7E]*)?)$/D', (string) preg_replace('/\*[0-9A-Fa-f]{2}$/', '', $line),
                $m,
            ) !== 1
        ) {
            return null;
        }
        if (preg_match('/\*([0-9A-Fa-f]{2})$/', $line, $sum) === 1
            ? self::checksum(substr($line, 1, -3)) !== strtoupper($sum[1])
            : str_contains($line, '*')) {
            return null;
        }

        return new self($m[1], $m[2], $m[3] === '' ? [] : explode(',', substr($m[3], 1)));
    }

    /** The sentence as it goes over the wire, without the line end. */
    public function text(): string
    {
        $body = $this->talker.$this->kind.','.implode(',', $this->fields);

        return "\${$body}*".self::checksum($body);
    }

    /** A field as a number; null when it is absent, empty or no number. */
    public function number(int $field): ?float
    {
        $text = $this->fields[$field] ?? '';

        return preg_match('/^-?\d*\.?\d+$|^-?\d+\.$/D', $text) === 1 ? (float) $text : null;
    }

    public function field(int $field): string
    {
        return $this->fields[$field] ?? '';
    }

    private static function checksum(string $body): string
    {
        $sum = 0;
        foreach (str_split($body) as $character) {
            $sum ^= ord($character);
        }

        return sprintf('%02X', $sum);
    }
}
