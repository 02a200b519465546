<?php

declare(strict_types=1);

return [
    // What an angler has seen cannot be read in the history of a browser once they have signed out.
    'history' => ['encrypt' => true],
];
