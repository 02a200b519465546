<?php

declare(strict_types=1);

namespace App\Pictures;

use Illuminate\Support\Facades\DB;

/** What pictures hold, as bytes beside their rows: written with them and gone with them, in one database. */
final class PictureFile
{
    private const TABLE = 'picture_files';

    public static function write(int $picture, string $bytes): void
    {
        $stream = fopen('php://memory', 'r+') ?: throw new \RuntimeException('There is no room for a picture.');
        fwrite($stream, $bytes);
        rewind($stream);
        DB::table(self::TABLE)->insert(['picture_id' => $picture, 'bytes' => $stream]);
        fclose($stream);
    }

    /** @return string '' where there is none */
    public static function read(int $picture): string
    {
        $bytes = DB::table(self::TABLE)->where('picture_id', $picture)->value('bytes');

        return is_resource($bytes) ? (string) stream_get_contents($bytes) : (is_string($bytes) ? $bytes : '');
    }
}
