<?php

declare(strict_types=1);

namespace App\Http;

use Eskith\Core\Formats\JsonBounds;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\InputBag;

/**
 * What is sent as JSON is looked at before it is read into memory: Laravel reads it as it makes the request, ahead of
 * everything that could refuse it. What is too large or too deep is left unread; `Http\Middleware\ReadableText` says so.
 */
final class BoundedRequest extends Request
{
    /**
     * @param  string|null  $key
     * @param  mixed  $default
     * @return ($key is null ? InputBag<bool|float|int|string> : mixed)
     */
    public function json($key = null, $default = null)
    {
        if (! isset($this->json) && (BodyLimits::exceeds($this) || ! JsonBounds::hold($this->getContent()))) {
            $this->json = new InputBag([]);
        }

        return parent::json($key, $default);
    }
}
