<?php

declare(strict_types=1);

namespace Eskith\Core\Formats;

use Eskith\Core\Units\InvalidInput;

/**
 * A picture as a browser draws it, and nothing else: of a JPEG file (ITU-T T.81, annex B) only the segments that a decoder
 * needs. Whatever a camera or a program wrote beside them (place, time, device, preview, comments) is left out, and so is all
 * that follows the end of the picture.
 */
final readonly class Jpeg
{
    /** Largest edge, in dots, and the largest file, bytes. */
    public const EDGE = 1600;

    public const BYTES = 350_000;

    private const START = "\xFF\xD8";

    private const END = "\xFF\xD9";

    /** Frames that every browser draws: baseline, extended, progressive. */
    private const FRAMES = [0xC0, 0xC1, 0xC2];

    /** Tables that a decoder needs: Huffman, quantization, restart interval. */
    private const TABLES = [0xC4, 0xDB, 0xDD];

    private const SCAN = 0xDA;

    private function __construct(public string $bytes, public int $width, public int $height)
    {
    }

    /** @throws InvalidInput when it is no whole picture of this kind, or too large */
    public static function read(string $file): self
    {
        if (strlen($file) > self::BYTES) {
            throw InvalidInput::because('picture', 'A picture is up to {kilobytes} kB. Make it smaller.', kilobytes: self::BYTES / 1000);
        }
        if (! str_starts_with($file, self::START)) {
            throw self::none();
        }
        [$bare, $at, $size, $scans] = [self::START, 2, null, 0];
        for (; ;) {
            [$marker, $end] = self::segment($file, $at);
            if ($marker === null) {
                break;
            }
            if (in_array($marker, self::FRAMES, true)) {
                $size = $size === null ? self::size(substr($file, $at, $end - $at)) : throw self::none();
            } elseif ($marker === self::SCAN) {
                $end = $size === null ? throw self::none() : self::scanned($file, $end);
                $scans++;
            } elseif (! in_array($marker, self::TABLES, true)) {
                // Who took it, where and with what, or what no browser draws.
                $at = self::isNote($marker) ? $end : throw self::none();

                continue;
            }
            $bare .= substr($file, $at, $end - $at);
            $at = $end;
        }

        return $size === null || $scans === 0 ? throw self::none() : new self($bare.self::END, ...$size);
    }

    /**
     * @return array{int|null, int} its marker, null at the end of the picture, and where it ends
     *
     * @throws InvalidInput
     */
    private static function segment(string $file, int $at): array
    {
        $head = substr($file, $at, 4);
        if (str_starts_with($head, self::END)) {
            return [null, $at];
        }
        if (strlen($head) < 4 || $head[0] !== "\xFF") {
            throw self::none();
        }
        $long = self::word($head, 2);
        $end = $at + 2 + $long;

        return $long >= 2 && $end <= strlen($file) ? [ord($head[1]), $end] : throw self::none();
    }

    /**
     * @return array{int, int} width and height
     *
     * @throws InvalidInput
     */
    private static function size(string $frame): array
    {
        if (strlen($frame) < 10) {
            throw self::none();
        }
        [$height, $width] = [self::word($frame, 5), self::word($frame, 7)];
        if (max($width, $height) > self::EDGE) {
            throw InvalidInput::because(
                'picture', 'A picture is up to {edge} pixels along its longer edge. Make it smaller.', edge: self::EDGE,
            );
        }

        return min($width, $height) > 0 ? [$width, $height] : throw self::none();
    }

    /**
     * @return int where what a scan drew ends: at the next marker that is neither a restart nor a filled-in byte
     *
     * @throws InvalidInput when it does not
     */
    private static function scanned(string $file, int $from): int
    {
        $at = $from;
        while (($at = strpos($file, "\xFF", $at)) !== false) {
            $next = ord($file[$at + 1] ?? "\0");
            if ($next !== 0 && ($next < 0xD0 || $next > 0xD7) && $next !== 0xFF) {
                return $at > $from ? $at : throw self::none();
            }
            $at += $next === 0xFF ? 1 : 2;
        }

        throw self::none();
    }

    private static function isNote(int $marker): bool
    {
        return $marker >= 0xE0 && $marker <= 0xEF || $marker === 0xFE;
    }

    private static function word(string $bytes, int $at): int
    {
        return 256 * ord($bytes[$at]) + ord($bytes[$at + 1]);
    }

    private static function none(): InvalidInput
    {
        return InvalidInput::because('picture', 'That is no picture that can be kept here. Choose a photo.');
    }
}
