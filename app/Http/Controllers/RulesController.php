<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Choosing\RankedBox;
use App\Data\OptionData;
use App\Data\ReadingWordsData;
use App\Presenters\Lure\AnswerPresenter;
use App\Presenters\Lure\RulesPresenter;
use App\Rules\AnglerRules;
use App\Rules\RuleFile;
use Eskith\Core\Choosing\Custom\LureKind;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Tackle\Finish;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HttpResponse;
use Illuminate\Http\UploadedFile;
use Inertia\Inertia;
use Inertia\Response;

/** The angler's own version of the rule base. */
final class RulesController extends Controller
{
    public function index(Request $request, AnswerPresenter $answers): Response
    {
        $user = $this->angler($request);
        $rankedBox = RankedBox::today($user);
        $presenter = new RulesPresenter($rankedBox);
        $finishes = $user->lures()->inBox()->distinct()->orderBy('finish')->pluck('finish')->all();

        return Inertia::render('Rules', [
            'answer' => $answers->of($rankedBox),
            'groups' => $presenter->groups(),
            'changes' => $presenter->changes(),
            'asItComes' => $rankedBox->shelf->isAsItComes(),
            'readings' => array_map(static fn (Reading $reading): ReadingWordsData => new ReadingWordsData(
                $reading->value, ucfirst($reading->word()),
                array_map(static fn (string $choice): OptionData => new OptionData($choice, $reading->saying($choice)), $reading->choices()),
            ), Reading::used()),
            'families' => LureKind::FAMILIES,
            'finishes' => array_values(array_unique([...array_map(static fn (Finish $finish): string => $finish->value, Finish::cases()), ...$finishes])),
        ]);
    }

    /** How much one rule counts: 0 is off, 1 as it comes. */
    public function weigh(Request $request, string $rule): RedirectResponse
    {
        $given = $request->validate(['weight' => ['required', 'numeric']], ['weight.*' => 'Say how much the rule counts, as a number.']);
        AnglerRules::of($this->angler($request))->weigh($rule, (float) $given['weight']);

        return back();
    }

    public function weighAll(Request $request): RedirectResponse
    {
        $given = $request->validate(['on' => ['required', 'boolean']]);
        AnglerRules::of($this->angler($request))->weighAll($given['on'] ? 1.0 : 0.0);

        return back();
    }

    public function keep(Request $request, string $uuid): RedirectResponse
    {
        AnglerRules::of($this->angler($request))->keep($uuid, $this->fields($request));

        return back();
    }

    /** What a rule would change, without keeping it. */
    public function try(Request $request, string $uuid): JsonResponse
    {
        $rankedBox = RankedBox::today($this->angler($request));
        $rule = $rankedBox->shelf->read($uuid, $this->fields($request));

        return response()->json((new RulesPresenter($rankedBox))->trying($rankedBox->shelf->trying($rule)));
    }

    public function drop(Request $request, string $uuid): RedirectResponse
    {
        AnglerRules::of($this->angler($request))->drop($uuid);

        return back();
    }

    public function reset(Request $request): RedirectResponse
    {
        AnglerRules::of($this->angler($request))->reset();

        return back();
    }

    public function export(Request $request): HttpResponse
    {
        return response(RuleFile::json(AnglerRules::of($this->angler($request))), 200, ['Content-Type' => 'application/json', 'Content-Disposition' => 'attachment; filename="rules.json"']);
    }

    public function import(Request $request): RedirectResponse
    {
        RuleFile::take(AnglerRules::of($this->angler($request)), $this->file($request));

        return back();
    }

    /** @throws InvalidInput */
    private function file(Request $request): string
    {
        $text = $request->input('text');
        $file = $request->file('file');
        if (is_string($text) && strlen($text) <= RuleFile::BYTES) {
            return $text;
        }
        if (! $file instanceof UploadedFile || ! $file->isValid() || $file->getSize() > RuleFile::BYTES) {
            throw InvalidInput::because('file', 'Choose a file of rules up to 200 kB that was exported here.');
        }

        return (string) $file->get();
    }

    /** @return array<array-key, mixed> as sent: the framework would make empty texts null */
    private function fields(Request $request): array
    {
        $raw = json_decode($request->getContent(), true, 16);

        return is_array($raw) ? $raw : [];
    }
}
