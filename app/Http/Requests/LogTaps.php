<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Enums\Deed;
use App\Rows\Raw;
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
        return ['taps' => ['present', 'array', 'list', 'max:'.self::MOST], 'taps.*' => ['required', 'array']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['taps' => 'Send up to '.self::MOST.' taps at once.', 'taps.*' => 'A tap is a group of fields.'];
    }

    /** @return list<array{string, AnglerRequest}> the id of each, and what was done as if it had come alone; not yet looked at */
    public function taps(): array
    {
        /** @var list<array<array-key, mixed>> $taps */
        $taps = $this->input('taps');

        return array_map(function (array $tap): array {
            $one = self::request($tap['do'] ?? null)::create($this->getUri(), 'POST', $tap);
            $one->setUserResolver($this->getUserResolver())->setRouteResolver($this->getRouteResolver());
            $one->setContainer(Container::getInstance())->setRedirector(Container::getInstance()->make(Redirector::class));

            return [Raw::text($tap['uuid'] ?? ''), $one];
        }, $taps);
    }

    /** @return class-string<AnglerRequest> */
    private static function request(mixed $do): string
    {
        return match (is_string($do) ? Deed::tryFrom($do) : Deed::Log) {
            Deed::Log => LogEvent::class,
            Deed::Undo => UndoTap::class,
            Deed::PutBack => PutBackTap::class,
            Deed::Amend => AmendTap::class,
            Deed::TieOn => TieOn::class,
            Deed::TakeInHand => TakeInHand::class,
            Deed::Pause => PauseFishing::class,
            Deed::GoOn => GoOnFishing::class,
            Deed::Tick => TickTap::class,
            Deed::End => EndTap::class,
            Deed::Retie => RetieLeader::class,
            Deed::Mark => MarkTap::class,
            null => UnknownTap::class,
        };
    }
}
