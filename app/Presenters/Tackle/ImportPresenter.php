<?php

declare(strict_types=1);

namespace App\Presenters\Tackle;

use App\Data\Tackle\ImportData;
use App\Data\Tackle\ImportLineData;
use App\Tackle\BoxImport;

/** What a file of lures would do to the box, or did, line by line. */
final class ImportPresenter
{
    /** Lines told beside the refused ones. */
    private const TOLD = 60;

    public static function of(BoxImport $import): ImportData
    {
        $of = static fn (string $status): array => array_filter(
            $import->plan(),
            static fn (array $line): bool => $line['status'] === $status,
        );
        $refused = $of('refused');
        $lines = $refused + array_slice(array_diff_key($import->plan(), $refused), 0, self::TOLD, true);
        ksort($lines);

        return new ImportData(
            count($of('add')), count($of('change')), count($of('same')), count($refused),
            array_map(
                static fn (int $number, array $line): ImportLineData => new ImportLineData($number, $line['status'], $line['words']),
                array_keys($lines), $lines,
            ),
        );
    }
}
