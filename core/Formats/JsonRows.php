<?php

declare(strict_types=1);

namespace Eskith\Core\Formats;

use Eskith\Core\Units\InvalidInput;
use Generator;

/**
 * Reads lists of rows from JSON of any length, one row at a time: `[row, row …]`, or `{"name": [row, row …], "other": 1}`. Only
 * one row is held, and one that is longer or deeper than any kept here is refused before it is read into memory.
 */
final class JsonRows
{
    /** Longest row, bytes. */
    private const ROW = 700_000;

    private const PIECE = 262_144;

    /** Colons of a row up to which nobody has to look closer. */
    private const FEW = 500;

    private const SPACE = " \t\r\n";

    private string $text = '';

    private int $at = 0;

    /** Whether every row so far stood on a line of its own, as they are written here: those are found at once. */
    private bool $onLines = true;

    /**
     * @param  resource  $stream
     * @param  \Closure(int): void|null  $came  told how many bytes came; may throw to call it off
     */
    private function __construct(private $stream, private readonly string $name, private readonly ?\Closure $came)
    {
    }

    /**
     * @param  resource  $stream
     * @param  \Closure(int): void|null  $came
     * @return Generator<int, mixed> the rows of one list
     *
     * @throws InvalidInput
     */
    public static function ofList($stream, string $name, ?\Closure $came = null): Generator
    {
        $self = new self($stream, $name, $came);
        $self->expect('[');

        yield from $self->rows();
        $self->expectEnd();
    }

    /**
     * @param  resource  $stream
     * @param  \Closure(int): void|null  $came
     * @return Generator<string, mixed> each row under the name of its list, and what is no list under its own
     *
     * @throws InvalidInput
     */
    public static function ofLists($stream, string $name, ?\Closure $came = null): Generator
    {
        $self = new self($stream, $name, $came);
        $self->expect('{');
        while ($self->sign() !== '}') {
            $key = $self->value();
            $self->expect(':');
            if (! is_string($key)) {
                throw $self->broken();
            }
            if ($self->sign() === '[') {
                $self->at++;
                foreach ($self->rows() as $row) {
                    yield $key => $row;
                }
            } else {
                yield $key => $self->value();
            }
            $self->comma('}');
        }
        $self->at++;
        $self->expectEnd();
    }

    /** @return Generator<int, mixed> up to the end of the list that is open */
    private function rows(): Generator
    {
        while ($this->sign() !== ']') {
            yield $this->value();
            $this->comma(']');
        }
        $this->at++;
    }

    private function comma(string $end): void
    {
        $sign = $this->sign();
        if ($sign === ',') {
            $this->at++;
            // One after the last is no JSON.
            if ($this->sign() === $end) {
                throw $this->broken();
            }
        } elseif ($sign !== $end) {
            throw $this->broken();
        }
    }

    private function expect(string $sign): void
    {
        if ($this->sign() !== $sign) {
            throw $this->broken();
        }
        $this->at++;
    }

    private function expectEnd(): void
    {
        if ($this->sign() !== '') {
            throw $this->broken();
        }
    }

    /** The next sign that is no space; '' at the end. */
    private function sign(): string
    {
        do {
            $this->at += strspn($this->text, self::SPACE, $this->at);
        } while ($this->at >= strlen($this->text) && $this->more());

        return $this->text[$this->at] ?? '';
    }

    private function value(): mixed
    {
        $first = $this->sign();
        $row = $this->onLines && $first === '{' ? $this->onLine() : null;
        if ($row !== null) {
            return $row;
        }
        do {
            $end = $this->end();
            if ($end === null && strlen($this->text) - $this->at > self::ROW) {
                throw InvalidInput::because(
                    'file', 'A row in {name} is too long. Export it again.', name: $this->name,
                );
            }
        } while ($end === null && $this->more());
        $json = substr($this->text, $this->at, ($end ?? strlen($this->text)) - $this->at);
        $this->at = $end ?? strlen($this->text);

        return $this->read($json);
    }

    /** @return array<array-key, mixed>|null the row that fills this line; null where it does not */
    private function onLine(): ?array
    {
        do {
            $end = strpos($this->text, "\n", $this->at);
        } while ($end === false && strlen($this->text) - $this->at < self::ROW && $this->more());
        $json = rtrim(substr($this->text, $this->at, ($end === false ? strlen($this->text) : $end) - $this->at), ", \r");
        $row = strlen($json) > self::ROW || ! str_ends_with($json, '}') || ! self::fits($json) ? null : self::decoded($json);
        if (! is_array($row)) {
            $this->onLines = false;

            return null;
        }
        $this->at += strlen($json);

        return $row;
    }

    /** @throws InvalidInput when it is no JSON, or more than a row can be */
    private function read(string $json): mixed
    {
        if (! self::fits($json)) {
            throw InvalidInput::because(
                'file', 'A row in {name} holds too much. Export it again.', name: $this->name,
            );
        }
        $value = self::decoded($json);

        return $value !== null || $json === 'null' ? $value : throw $this->broken();
    }

    private static function fits(string $json): bool
    {
        return substr_count($json, ':') + substr_count($json, ',') <= self::FEW || JsonBounds::hold($json, 3);
    }

    private static function decoded(string $json): mixed
    {
        return json_decode($json, true, JsonBounds::LEVELS + 1);
    }

    /** Where the value that begins here is over; null where the text read so far does not say. */
    private function end(): ?int
    {
        $text = $this->text;
        $long = strlen($text);
        $at = $this->at;
        $first = $text[$at] ?? '';
        if ($first === '"') {
            return self::afterText($text, $at, $long);
        }
        if ($first !== '{' && $first !== '[') {
            $end = $at + strcspn($text, ',]}:'.self::SPACE, $at);

            return $end < $long ? $end : null;
        }
        [$opened, $closed] = [0, 0];
        while ($at < $long) {
            $at += strcspn($text, '"[]{}', $at);
            $sign = $text[$at] ?? '';
            if ($sign === '"') {
                $after = self::afterText($text, $at, $long);
                if ($after === null) {
                    return null;
                }
                $at = $after;

                continue;
            }
            $at++;
            if ($sign === '{' || $sign === '[') {
                $opened++;
                if ($opened - $closed > JsonBounds::LEVELS) {
                    throw $this->broken();
                }
            } elseif ($sign !== '') {
                $closed++;
                if ($opened === $closed) {
                    return $at;
                }
            }
        }

        return null;
    }

    private static function afterText(string $text, int $at, int $long): ?int
    {
        for ($at++; $at < $long; $at += 2) {
            $at += strcspn($text, '"\\', $at);
            if (($text[$at] ?? '') === '"') {
                return $at + 1;
            }
        }

        return null;
    }

    /** Reads on; what was dealt with is let go. False at the end. */
    private function more(): bool
    {
        $piece = feof($this->stream) ? '' : (string) fread($this->stream, self::PIECE);
        if ($piece === '') {
            return false;
        }
        if ($this->came !== null) {
            ($this->came)(strlen($piece));
        }
        $this->text = substr($this->text, $this->at).$piece;
        $this->at = 0;

        return true;
    }

    private function broken(): InvalidInput
    {
        return InvalidInput::because('file', "{name} can't be read. Export it again.", name: $this->name);
    }
}
