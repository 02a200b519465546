<?php

declare(strict_types=1);

namespace App\Tackle;

use Illuminate\Http\JsonResponse;
use RuntimeException;

/** Two tabs changed the same of one lure: neither wins silently; both values are told. */
final class LureConflict extends RuntimeException
{
    /** @param  string  $words  both values, in a sentence */
    public function __construct(string $words, private readonly int $lureId, private readonly int $version)
    {
        parent::__construct($words);
    }

    /** 409: the sentence, and the version to name when the change is wanted all the same. */
    public function render(): JsonResponse
    {
        return response()->json(['message' => $this->getMessage(), 'lure' => $this->lureId, 'version' => $this->version], 409);
    }
}
