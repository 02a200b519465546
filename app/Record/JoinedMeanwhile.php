<?php

declare(strict_types=1);

namespace App\Record;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use RuntimeException;

/** Two things were to be made one, and one of them is no more: another request has joined them, or taken one away. */
final class JoinedMeanwhile extends RuntimeException
{
    public static function told(): self
    {
        return new self('One of these two was joined or taken away meanwhile. Look at the list again.');
    }

    /** 409 where a program asks; a page is shown again with the sentence. */
    public function render(Request $request): JsonResponse|RedirectResponse
    {
        return $request->expectsJson() && ! $request->header('X-Inertia')
            ? response()->json(['message' => $this->getMessage(), 'errors' => ['into' => [$this->getMessage()]]], 409)
            : back()->withErrors(['into' => $this->getMessage()]);
    }
}
