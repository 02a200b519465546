<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Units\InvalidInput;

/** `bin/eskith VERB < cases.json > answers.json`: a JSON array in, an array of the same length out. */
final class CommandLine
{
    /** @return array<string, Verb> */
    public static function verbs(): array
    {
        return [
            'line' => new LineVerb,
            'fall' => new FallVerb,
            'swing' => new SwingVerb,
            'cast' => new CastVerb,
            'hang' => new HangVerb,
            'pick' => new PickVerb,
            'rates' => new RatesVerb,
            'lift' => new LiftVerb,
            'landed' => new LandedVerb,
            'chain' => new ChainVerb,
            'hookset' => new HookSetVerb,
            'cycle' => new CycleVerb,
            'hops' => new HopsVerb,
            'trace' => new TraceVerb,
            'plan' => new PlanVerb,
            'weigh' => new WeighVerb,
            'exposure' => new ExposureVerb,
            'best' => new BestVerb,
            'ratio' => new RatioVerb,
            'learn' => new LearnVerb,
            'stages' => new StagesVerb,
            'gaps' => new GapsVerb,
            'holdout' => new HoldoutVerb,
            'tide' => new TideVerb,
            'sun' => new SunVerb,
            'soundings' => new SoundingsVerb,
        ];
    }

    /**
     * @return array{string, string, int} what to print, what to complain of, exit status: 0 all answered, 1 a bad case, 2 not usable at all
     */
    public static function run(string $verbName, string $input): array
    {
        $verb = self::verbs()[$verbName] ?? null;
        if ($verb === null) {
            return [
                '',
                'Usage: bin/eskith VERB < cases.json > answers.json, where VERB is one of '.implode(', ', array_keys(self::verbs())).".\n",
                2,
            ];
        }
        $cases = json_decode($input, true, 64);
        if (! is_array($cases) || ! array_is_list($cases)) {
            return ['', "The input must be a JSON array of cases.\n", 2];
        }
        $status = 0;
        $answers = [];
        foreach ($cases as $case) {
            try {
                $answers[] = $verb->answer(Fields::of($case));
            } catch (InvalidInput $bad) {
                $answers[] = ['error' => ['field' => $bad->field, 'message' => $bad->getMessage()]];
                $status = 1;
            }
        }

        return [
            json_encode($answers, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT)."\n",
            '', $status,
        ];
    }
}
