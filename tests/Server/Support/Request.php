<?php

declare(strict_types=1);

namespace Tests\Server\Support;

/** Something to send; what it writes can be found again by table and id. */
final readonly class Request
{
    /**
     * @param  array<string, mixed>  $fields
     * @param  array{string, string}|null  $writes  table and uuid of the row that is there once this is answered
     */
    public function __construct(
        public string $method,
        public string $address,
        public array $fields = [],
        public ?string $file = null,
        public ?array $writes = null,
        public string $route = '',
    ) {
    }
}
