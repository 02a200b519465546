<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Account\Archive;
use App\Account\ArchiveReader;
use App\Http\Controllers\Controller;
use App\Http\Requests\TakeArchive;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Everything in the account as one file, out and in. */
final class ArchiveController extends Controller
{
    public function show(Request $request): BinaryFileResponse
    {
        return response()->download(
            Archive::write($this->angler($request)), 'eskith-account.zip', ['Content-Type' => 'application/zip'],
        )->deleteFileAfterSend();
    }

    public function store(TakeArchive $request): RedirectResponse
    {
        return back()->with('said', ArchiveReader::take($request->angler(), $request->archive()));
    }
}
