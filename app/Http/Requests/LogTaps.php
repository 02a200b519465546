<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Outing;
use Eskith\Core\Words\Words;
use Eskith\Telling\Doing\OfflineAction;
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
            'taps' => Words::of('Send up to {most} taps at once.', most: self::MOST),
        ];
    }

    /**
     * @param  Outing|null  $into  the outing they go into; null where they go nowhere
     * @return list<array{string, AnglerRequest&ActsOnOuting}> the id of each, and what was done as if it had come alone; not yet looked at
     */
    public function taps(?Outing $into): array
    {
        if ($into !== null) {
            $this->route()?->setParameter('outing', $into);
        }

        return array_map(function (array $tap): array {
            $one = $this->alone($tap);

            return [self::id($tap), $one instanceof ActsOnOuting ? $one : $this->made(UnknownTap::class, $tap)];
        }, $this->each());
    }

    /** @return list<array{string, AnglerRequest&ActsOnDay}> the same of what is of no outing */
    public function ofTheDay(): array
    {
        return array_map(function (array $tap): array {
            $one = $this->alone($tap);

            return [self::id($tap), $one instanceof ActsOnDay ? $one : $this->made(UnknownTap::class, $tap)];
        }, $this->each());
    }

    /** An empty reading is an empty reading, not one that is taken away: the framework would make it null. */
    protected function prepareForValidation(): void
    {
        $raw = json_decode($this->getContent(), true);
        $taps = $this->input('taps');
        if (! is_array($raw) || ! is_array($raw['taps'] ?? null) || ! is_array($taps)) {
            return;
        }
        foreach ($raw['taps'] as $at => $tap) {
            $is = is_array($tap) && ($tap['do'] ?? null) === OfflineAction::Read->value && ($tap['text'] ?? null) !== null;
            if ($is && is_array($taps[$at] ?? null)) {
                $taps[$at]['text'] = $tap['text'];
            }
        }
        $this->merge(['taps' => $taps]);
    }

    /** @return list<array<array-key, mixed>> */
    private function each(): array
    {
        /** @var list<mixed> $taps */
        $taps = $this->input('taps');

        return array_map(static fn (mixed $tap): array => is_array($tap) ? $tap : ['do' => []], $taps);
    }

    /** @param  array<array-key, mixed>  $tap */
    private static function id(array $tap): string
    {
        return Coerce::text($tap['uuid'] ?? '');
    }

    /**
     * As if it had come alone.
     *
     * @param  array<array-key, mixed>  $tap
     */
    private function alone(array $tap): AnglerRequest
    {
        return $this->made(self::request($tap['do'] ?? OfflineAction::Log->value), $tap);
    }

    /**
     * @template T of AnglerRequest
     *
     * @param  class-string<T>  $class
     * @param  array<array-key, mixed>  $tap
     * @return T
     */
    private function made(string $class, array $tap): AnglerRequest
    {
        $one = $class::create($this->getUri(), 'POST', $tap);
        $one->setUserResolver($this->getUserResolver())->setRouteResolver($this->getRouteResolver());
        $one->setContainer(Container::getInstance())->setRedirector(Container::getInstance()->make(Redirector::class));

        return $one;
    }

    /**
     * The request that does an action is called after it.
     *
     * @return class-string<AnglerRequest>
     */
    public static function request(mixed $do): string
    {
        $action = is_string($do) ? OfflineAction::tryFrom($do) : null;
        $class = __NAMESPACE__."\\{$action?->name}Tap";

        return $action !== null && is_subclass_of($class, AnglerRequest::class) ? $class : UnknownTap::class;
    }
}
