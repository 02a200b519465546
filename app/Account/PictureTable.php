<?php

declare(strict_types=1);

namespace App\Account;

use Eskith\Core\Formats\Jpeg;
use Eskith\Telling\Enums\PictureOf;

/** Pictures in an archive: a list of them as of all tables, and what each holds as a file beside the lists. */
final class PictureTable
{
    public const NAME = 'pictures';

    public static function table(): Table
    {
        $links = [];
        foreach (PictureOf::cases() as $of) {
            $links[$of->link()] = $of->table();
        }

        return new Table(self::NAME, [
            'uuid' => Column::uuid(), 'width' => Column::whole(1, Jpeg::EDGE), 'height' => Column::whole(1, Jpeg::EDGE),
            'size' => Column::whole(1, Jpeg::BYTES), 'at' => Column::moment(),
        ], $links, array_keys($links), sound: static fn (array $row): bool => count(
            array_filter(array_intersect_key($row, $links), static fn (mixed $id): bool => $id !== null),
        ) === 1);
    }

    /** @return string the name of the file of one */
    public static function file(string $uuid): string
    {
        return self::NAME.'/'.strtolower($uuid).'.jpg';
    }
}
