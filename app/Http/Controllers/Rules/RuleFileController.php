<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rules;

use App\Http\Controllers\Controller;
use App\Http\Requests\ImportRules;
use App\Rules\AnglerRules;
use App\Rules\RuleFile;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The angler's rules as a file, out and in. */
final class RuleFileController extends Controller
{
    public function show(Request $request): Response
    {
        return response(
            RuleFile::json(AnglerRules::of($this->angler($request))), 200,
            ['Content-Type' => 'application/json', 'Content-Disposition' => 'attachment; filename="rules.json"'],
        );
    }

    public function store(ImportRules $request): RedirectResponse
    {
        RuleFile::take(AnglerRules::of($request->angler()), $request->rulesText());

        return back();
    }
}
