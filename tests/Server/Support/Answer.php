<?php

declare(strict_types=1);

namespace Tests\Server\Support;

/** What came back. */
final readonly class Answer
{
    /** @param  int  $status  0 when nothing answered */
    public function __construct(public int $client, public Request $request, public int $status, public string $body, public float $seconds)
    {
    }

    /** Whether the server has said that it is done. */
    public function isAcknowledged(): bool
    {
        return ($this->status >= 200 && $this->status < 300) || $this->status === 302 || $this->status === 303;
    }
}
