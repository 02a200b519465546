<?php

declare(strict_types=1);

namespace App\Account;

use App\Database\Caps;
use App\Pictures\PictureFile;
use Eskith\Core\Formats\Jpeg;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Kept\Coerce;

/** Pictures of an archive put into an account: each row with the file that lies beside the lists. */
final class PictureRows
{
    private int $room;

    private function __construct(int $angler, private readonly GivenRows $given)
    {
        $this->room = Caps::roomForPictures($angler);
    }

    public static function of(int $angler, GivenRows $given): self
    {
        return new self($angler, $given);
    }

    /**
     * @param  array<string, mixed>  $row  columns
     * @return int|null its id; null when its file is not there or no picture, or there is no room for it
     */
    public function add(RowsInto $into, array $row): ?int
    {
        try {
            $jpeg = Jpeg::read($this->given->picture(Coerce::text($row['uuid'])));
        } catch (InvalidInput) {
            return null;
        }
        $size = strlen($jpeg->bytes);
        if ($size > $this->room) {
            return null;
        }
        $before = $into->added;
        $id = $into->add(['width' => $jpeg->width, 'height' => $jpeg->height, 'size' => $size] + $row);
        if ($id !== null && $into->added > $before) {
            PictureFile::write($id, $jpeg->bytes);
            $this->room -= $size;
        }

        return $id;
    }
}
