<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Outing;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Container\Container;
use Illuminate\Routing\Redirector;

/** Several taps at once, each of which stands or falls by itself. */
final class LogTaps extends AnglerRequest
{
    /** Taps that are taken at once. */
    private const MOST = 200;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['angler' => ['required', 'integer'], 'taps' => ['present', 'array', 'list', 'max:'.self::MOST]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'angler' => 'Say whose taps these are: load the page again, what waits is kept.',
            'taps' => 'Send up to '.self::MOST.' taps at once.',
        ];
    }

    /**
     * @param  Outing|null  $into  the outing they go into; null where they go nowhere
     * @return list<array{string, AnglerRequest&ActsOnOuting}> the id of each, and what was done as if it had come alone; not yet looked at
     */
    public function taps(?Outing $into): array
    {
        /** @var list<mixed> $taps */
        $taps = $this->input('taps');
        if ($into !== null) {
            $this->route()?->setParameter('outing', $into);
        }

        return array_map(function (mixed $tap): array {
            $tap = is_array($tap) ? $tap : ['do' => []];
            $one = self::request($tap['do'] ?? OfflineAction::Log->value)::create($this->getUri(), 'POST', $tap);
            $one->setUserResolver($this->getUserResolver())->setRouteResolver($this->getRouteResolver());
            $one->setContainer(Container::getInstance())->setRedirector(Container::getInstance()->make(Redirector::class));

            return [Coerce::text($tap['uuid'] ?? ''), $one];
        }, $taps);
    }

    /** @return class-string<AnglerRequest&ActsOnOuting> */
    private static function request(mixed $do): string
    {
        return (is_string($do) ? OfflineAction::tryFrom($do)?->request() : null) ?? UnknownTap::class;
    }
}
