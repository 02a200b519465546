<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Units\InvalidInput;

/** One question the core answers on the command line. */
interface Verb
{
    /**
     * @return array<string, mixed> the answer as it is printed
     *
     * @throws InvalidInput for a case that cannot be answered
     */
    public function answer(Fields $case): array;
}
