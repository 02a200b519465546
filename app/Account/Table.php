<?php

declare(strict_types=1);

namespace App\Account;

use Closure;

/** A table of the angler's record: what of it goes into an archive, and how its rows are known again. */
final readonly class Table
{
    /**
     * @param  array<string, Column>  $columns  by name, all but id, user and links
     * @param  array<string, string>  $links  column => the table it leads to; that one stands before this
     * @param  list<string>  $optional  links that may lead nowhere
     * @param  list<string>  $known  columns (and links) that are the same for the same row
     * @param  list<string>  $younger  links that older files do not have: none is written out, so that it is told from unknown
     * @param  (Closure(array<string, mixed>): bool)|null  $sound  whether a row, as columns, makes sense as a whole
     */
    public function __construct(
        public string $name,
        public array $columns,
        public array $links = [],
        public array $optional = [],
        public array $known = ['uuid'],
        public ?Closure $sound = null,
        public array $younger = [],
    ) {
    }
}
